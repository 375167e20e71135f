import type { ReactNode } from 'react';
import type { LookView, ModelRun, ModelView } from '../api/client';
import { Lock } from '../hair/Tress';
import { amountWords } from '../state/modelRun';
import { Swatch } from './Swatch';
import { capital } from '../state/words';
import { figure, say } from '../words/say';

/** The same band at nine moments, scalp end up, with what it reads, how sure that is, and what strength is left. */
export function ModelStrands({
  view,
  kind,
}: {
  view: ModelView;
  kind: ModelRun['product']['kind'];
}): ReactNode {
  return (
    <>
      <p className="frames-key">{say('model.oneBandFromTheBeginning')}</p>
      <ol className="frames" aria-label={say('model.theBandOverTime')}>
        {view.frames.map((frame) => (
          <li key={frame.at}>
            <span className="frame-at">{amountWords(kind, frame.at)}</span>
            <span className="frame-hair" aria-hidden="true">
              <Lock look={frame.look} />
            </span>
            <strong>{frame.look.levelWords}</strong>
            <small>{frame.rangeWords}</small>
            <span className="frame-tone">{frame.look.tone}</span>
            <span
              className="frame-strength"
              title={say('model.strength', {
                integrity: percent(frame.integrity),
                elasticity: frame.elasticity,
              })}
            >
              <i style={{ width: width(frame.integrity) }} />
              <span>{percent(frame.integrity)}</span>
            </span>
          </li>
        ))}
      </ol>
    </>
  );
}

function width(share: number): string {
  return `${(100 * share).toFixed(1)}%`;
}

function percent(share: number): string {
  return `${Math.round(100 * share)} %`;
}

/** How the start was understood, how sure the end is, what is on the strand, and what a slip would do. */
export function ModelFindings({ view, run }: { view: ModelView; run: ModelRun }): ReactNode {
  const last = view.frames[view.frames.length - 1];
  if (!last) {
    return null;
  }
  return (
    <div className="model-findings">
      <section aria-label={say('model.howSure')}>
        <h3>{say('model.howSure')}</h3>
        <p>
          {say('model.afterLevel', { kind: amountWords(run.product.kind, last.at) })}{' '}
          <strong>{figure(last.look.level, 1)}</strong>
          {say('model.eightTimesInTenTo', {
            levelFrom: figure(last.levelFrom, 1),
            levelTo: figure(last.levelTo, 1),
            major: figure(view.end.ellipse.major, 0),
            minor: figure(view.end.ellipse.minor, 0),
            a: figure(view.end.ellipse.a, 0),
            b: figure(view.end.ellipse.b, 0),
          })}
        </p>
        <p>{view.end.tones.map(({ tone, share }) => `${tone} ${percent(share)}`).join(' · ')}</p>
        <p className={view.end.mayGoOn ? '' : 'stop'}>
          {say('model.strengthTo', {
            integrityFrom: percent(view.end.integrityFrom),
            integrityTo: percent(view.end.integrityTo),
            elasticity: last.elasticity,
            figure: !view.end.mayGoOn && say('model.doNotGoThisFar'),
          })}
        </p>
        <Learned view={view} />
      </section>
      <section aria-label={say('model.whatItIsTakenFor')}>
        <h3>{say('model.whatTheStartIsTaken')}</h3>
        <p>
          {capital(view.read.words)}
          {view.read.words.includes(say('model.or')) ? say('model.theseLookAlikeAndThe') : '.'}
        </p>
        <p className="quiet">
          {say('model.fitsToCIEDE2000', {
            misfit: figure(view.read.misfit, 1),
            misfit2: view.read.misfit > 3 && say('model.hairOfThisHistoryHardly'),
          })}
        </p>
        <p className="wet">
          <Patch look={view.end.wet}>
            {say('model.wetItReadsAndLooks', { levelWords: view.end.wet.levelWords })}
          </Patch>
        </p>
      </section>
      <Lights view={view} />
      <Pigments view={view} />
      <Slips view={view} />
    </div>
  );
}

function Patch({ look, children }: { look: LookView; children: ReactNode }): ReactNode {
  return <Swatch look={look}>{children}</Swatch>;
}

function Lights({ view }: { view: ModelView }): ReactNode {
  return (
    <section aria-label={say('model.inFiveLights')} className="lights">
      <h3>{say('model.theEndInFiveLights')}</h3>
      <ul>
        {view.end.lights.map(({ light, words, colour }) => (
          <li key={light}>
            <span style={{ background: colour }} aria-hidden="true" />
            {words}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Learned({ view }: { view: ModelView }): ReactNode {
  const { learned } = view;
  if (!learned.done) {
    return <p className="quiet">{say('model.withoutAStrandTestThe')}</p>;
  }
  if (learned.flagged) {
    return (
      <p className="stop">
        {say('model.theStrandTestLiesDeviations', {
          deviation: figure(Math.abs(learned.deviation), 1),
          expectedLevel: figure(learned.expectedLevel, 1),
        })}
      </p>
    );
  }
  const moved = learned.factors.filter(({ median }) => Math.abs(median - 1) >= 0.02);
  return (
    <p>
      {say('model.expectedLearned', {
        expectedLevel: figure(learned.expectedLevel, 1),
        figure:
          moved.length === 0
            ? say('model.thisHeadIsLikeThe')
            : moved
                .map((f) => `${f.factor} × ${figure(f.median, 2)} (${figure(f.from, 2)}–${figure(f.to, 2)})`)
                .join(', '),
      })}
    </p>
  );
}

function Pigments({ view }: { view: ModelView }): ReactNode {
  const shown = view.amounts.filter(({ before, after }) => before > 0.0005 || after > 0.0005);
  const most = Math.max(...shown.map(({ before, after }) => Math.max(before, after)));
  return (
    <section aria-label={say('model.onTheStrand')}>
      <h3>{say('model.onTheStrandBeforeAnd')}</h3>
      <dl className="amounts">
        {shown.map(({ pigment, before, after }) => (
          <div key={pigment}>
            <dt>{pigment}</dt>
            <dd>
              <i className="before" style={{ width: width((0.62 * before) / most) }} />
              <span>{figure(before, 3)}</span>
            </dd>
            <dd>
              <i style={{ width: width((0.62 * after) / most) }} />
              <span>{figure(after, 3)}</span>
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

function Slips({ view }: { view: ModelView }): ReactNode {
  const kept = view.slips[0]?.kept;
  return (
    <section aria-label={say('model.ifTheHandSlips')}>
      <h3>{say('model.halfACentimetreTooFar')}</h3>
      <ul className="slips">
        {kept && (
          <li>
            <Patch look={kept}>{say('model.kept', { levelWords: kept.levelWords, tone: kept.tone })}</Patch>
          </li>
        )}
        {view.slips.map(({ barrier, strip, difference, seen }) => (
          <li key={barrier}>
            <Patch look={strip}>
              {barrier === 'none' ? say('model.bare') : say('model.behind', { barrier })}: {strip.levelWords}{' '}
              {strip.tone}, {seen ? <strong>{say('model.aBandShows')}</strong> : say('model.hardlySeen')} (
              {figure(difference, 1)})
            </Patch>
          </li>
        ))}
      </ul>
    </section>
  );
}
