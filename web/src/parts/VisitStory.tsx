import { Button } from 'antd';
import { useMemo, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import type { CaseSummary, CaseView, LookBackView } from '../api/client';
import { useCaseAsKept, useLookBack, useVocabulary } from '../api/queries';
import { Head, type HeadHair } from '../hair/Head';
import { Lock } from '../hair/Tress';
import { dateWords } from '../state/today';
import { say } from '../words/say';
import { lookOf } from './BackStrands';

/** So many visits are drawn at once. */
const DRAWN = 5;
const WIDE = 118;
const HIGH = 140;

/** A client's hair over the visits, the newest first: as it came, and as it left. */
export function VisitStory(props: { visits: CaseSummary[]; onBegin: (copyOf: number) => void }): ReactNode {
  const { visits, onBegin } = props;
  const [shown, setShown] = useState(DRAWN);
  const statuses = useVocabulary().data?.statuses ?? [];
  return (
    <>
      <ul className="visit-story">
        {visits.slice(0, shown).map((one) => (
          <li key={one.id}>
            <div className="visit-facts">
              <h2>
                <Link to={`/cases/${one.id}/read`}>{dateWords(one.date)}</Link>
              </h2>
              <span>{statuses.find(({ value }) => value === one.status)?.words}</span>
              <span className="visit-wish">
                <i>
                  <Lock look={one.wishLook} />
                </i>
                {say('client.wish', { wish: one.wish })}
              </span>
              <span className="visit-ways">
                <Link to={`/cases/${one.id}/decide?open=chosen`}>{say('client.plan')}</Link>
                <Link to={`/cases/${one.id}/look-back`}>{say('client.lookBack')}</Link>
              </span>
              <Button
                aria-label={say('client.beginANewCaseFrom', { date: dateWords(one.date) })}
                onClick={() => onBegin(one.id)}
              >
                {say('client.startANewVisitFrom')}
              </Button>
            </div>
            <VisitHair id={one.id} />
          </li>
        ))}
      </ul>
      {visits.length > shown && (
        <Button onClick={() => setShown(visits.length)}>
          {say('client.earlierVisits', { count: visits.length - shown })}
        </Button>
      )}
    </>
  );
}

/** The head as it was read, and as the work left it; the places are kept while the hair is fetched. */
function VisitHair({ id }: { id: number }): ReactNode {
  const kept = useCaseAsKept(id).data;
  const back = useLookBack(id).data;
  const before = useMemo(() => (kept ? asRead(kept) : []), [kept]);
  const after = useMemo(() => (back ? asLeft(back) : []), [back]);
  const read = back?.bands.filter(({ real }) => real.length > 0).length ?? 0;
  const left =
    read === 0
      ? say('client.asPredicted')
      : read === back?.bands.length
        ? say('client.asItCameOut')
        : say('client.partlyRead');
  return (
    <div className="visit-hair">
      <OneHead
        title={say('client.asRead')}
        hair={before}
        said={kept?.sentences.join(' ') ?? ''}
        empty={kept ? say('client.notReadYet') : ''}
      />
      {after.length > 0 && (
        <>
          <span aria-hidden="true">→</span>
          <OneHead
            title={left}
            hair={after}
            said={
              back?.bands
                .map(
                  ({ zoneWords, real, predicted }) => `${zoneWords} ${(real[0]?.shown ?? predicted).words}`,
                )
                .join(', ') ?? ''
            }
            empty=""
          />
        </>
      )}
    </div>
  );
}

function OneHead(props: { title: string; hair: HeadHair[]; said: string; empty: string }): ReactNode {
  const { title, hair, said, empty } = props;
  return (
    <figure>
      <div className="visit-head" style={{ width: WIDE, height: HIGH }}>
        {hair.length > 0 ? (
          <Head
            hair={hair}
            view="back"
            width={WIDE}
            height={HIGH}
            words={say('client.hairOf', { when: title, hair: said })}
          />
        ) : (
          <span>{empty}</span>
        )}
      </div>
      <figcaption>{title}</figcaption>
    </figure>
  );
}

function asRead({ content, looks }: CaseView): HeadHair[] {
  return content.zones
    .map(({ place, bands, read }, z) => ({
      place,
      bands: bands.flatMap(({ fromCm, toCm }, b) => {
        const look = read ? looks[z]?.[b] : undefined;
        return look ? [{ fromCm, toCm, pieces: [{ share: 1, look }] }] : [];
      }),
    }))
    .filter(({ bands }) => bands.length > 0);
}

/** Read where it was read, else as the plan that was worked says. */
function asLeft({ begun, bands }: LookBackView): HeadHair[] {
  const places = begun ? [...new Set(bands.map(({ zone }) => zone))] : [];
  return places.map((place) => ({
    place,
    bands: bands
      .filter(({ zone }) => zone === place)
      .map(({ fromCm, toCm, real, predicted }) => ({
        fromCm,
        toCm,
        pieces: [{ share: 1, look: lookOf(real[0]?.shown ?? predicted) }],
      })),
  }));
}
