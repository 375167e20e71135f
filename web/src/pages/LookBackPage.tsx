import { useQueryClient } from '@tanstack/react-query';
import { Button, Input, Modal, Spin } from 'antd';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { answered, api, problemOf, type BandBack, type LookBackView, type Problem } from '../api/client';
import { useBetter, useLookBack } from '../api/queries';
import { BackAfter } from '../parts/BackAfter';
import { BackFaded } from '../parts/BackFaded';
import { BackZone } from '../parts/BackStrands';
import { BackUsed } from '../parts/BackUsed';
import { Factors } from '../parts/Factors';
import { ProblemNote } from '../parts/ProblemNote';
import { SeenForm } from '../parts/SeenForm';
import { useCase } from '../state/caseContext';
import { keptHand } from '../state/hand';
import { say } from '../words/say';

/** The job against what had been said of it, and what follows from it. */
export function LookBackPage(): ReactNode {
  const { state } = useCase();
  const back = useLookBack(state.id);
  return (
    <main className="back" aria-busy={back.isFetching}>
      {back.isPending && <Spin className="wait" />}
      {back.isError && (
        <ProblemNote
          problem={problemOf(back.error)}
          action={<Button onClick={() => void back.refetch()}>{say('lookBack.tryAgain')}</Button>}
        />
      )}
      {back.data && !back.data.begun && (
        <section className="back-empty">
          <p>{back.data.says}</p>
          <Link to="../chair">{say('lookBack.toTheChair')}</Link>
          <BackFaded id={state.id} />
        </section>
      )}
      {back.data?.begun && <Back back={back.data} id={state.id} />}
    </main>
  );
}

function Back({ back, id }: { back: LookBackView; id: number }): ReactNode {
  const queries = useQueryClient();
  const [problem, setProblem] = useState<Problem | null>(null);
  const [reading, setReading] = useState<BandBack | null>(null);
  const act = async (work: Promise<LookBackView>): Promise<void> => {
    try {
      queries.setQueryData(['look-back', id], await work);
      void queries.invalidateQueries({ queryKey: ['way', id] });
      setProblem(null);
      await queries.invalidateQueries({ queryKey: ['look-back', id, 'better'] });
      await queries.invalidateQueries({ queryKey: ['strand-tests'] });
    } catch (error) {
      setProblem(problemOf(error));
    }
  };
  const zones = [...new Set(back.bands.map(({ zoneWords }) => zoneWords))];
  return (
    <>
      <section className="back-hair" aria-label={say('lookBack.beforePredictedResult')}>
        <h2 className="page-says">{back.says}</h2>
        {problem && <ProblemNote problem={problem} />}
        {zones.map((zone) => (
          <BackZone
            key={zone}
            words={zone}
            bands={back.bands.filter(({ zoneWords }) => zoneWords === zone)}
            onRead={setReading}
          />
        ))}
        {reading && (
          <Modal
            title={say('lookBack.theCmResultDryIn', {
              zoneWords: reading.zoneWords,
              fromCm: reading.fromCm,
              toCm: reading.toCm,
            })}
            open
            onCancel={() => setReading(null)}
            footer={null}
            width={760}
          >
            <p>
              {say('lookBack.saidWished', {
                words: reading.predicted.words,
                range: reading.range,
                words2: reading.wished.words,
              })}
            </p>
            <SeenForm
              label={say('lookBack.levelOfTheResult')}
              hair="natural"
              place={reading.zone}
              cm={(reading.fromCm + reading.toCm) / 2}
              done={say('lookBack.saveTheResult')}
              needsTone
              onSeen={({ level, tone, second, measured, stretch }) => {
                setReading(null);
                void act(
                  answered(
                    api.POST('/api/cases/{id}/look-back/found', {
                      params: { path: { id } },
                      body: {
                        hand: keptHand(),
                        zone: reading.zone,
                        band: reading.band,
                        level,
                        tone: tone ?? 'NATURAL',
                        second,
                        measured,
                        stretch,
                      },
                    }),
                  ),
                );
              }}
            />
          </Modal>
        )}
        <BackFaded id={id} />
      </section>
      <section className="back-rest" aria-label={say('lookBack.timeProductAndLessons')}>
        <BackUsed back={back} />
        <Judged back={back} id={id} onAct={act} />
        <Better id={id} />
        <div className="back-box">
          <h2>{say('lookBack.whatItTaughtOfThis')}</h2>
          <Factors changes={back.learned} />
        </div>
        <BackAfter id={id} />
        <Log back={back} />
      </section>
    </>
  );
}

function Judged(props: {
  back: LookBackView;
  id: number;
  onAct: (work: Promise<LookBackView>) => Promise<void>;
}): ReactNode {
  const { back, id, onAct } = props;
  const said = back.judged[0];
  const [worked, setWorked] = useState(said?.worked ?? '');
  const [alsoWorked, setAlsoWorked] = useState(said?.alsoWorked ?? '');
  const [change, setChange] = useState(said?.change ?? '');
  const field = (words: string, value: string, onValue: (value: string) => void): ReactNode => (
    <label>
      <span>{words}</span>
      <Input
        aria-label={words}
        value={value}
        maxLength={300}
        onChange={(event) => onValue(event.target.value)}
      />
    </label>
  );
  return (
    <div className="back-box back-judged">
      <h2>{say('lookBack.lessons')}</h2>
      {field(say('lookBack.workedWell'), worked, setWorked)}
      {field(say('lookBack.alsoWorkedWell'), alsoWorked, setAlsoWorked)}
      {field(say('lookBack.doDifferently'), change, setChange)}
      <Button
        disabled={worked.trim() + alsoWorked.trim() + change.trim() === ''}
        onClick={() =>
          void onAct(
            answered(
              api.POST('/api/cases/{id}/look-back/judged', {
                params: { path: { id } },
                body: { hand: keptHand(), worked, alsoWorked, change },
              }),
            ),
          )
        }
      >
        {say('lookBack.saveLessons')}
      </Button>
      {said && <small role="status">{say('lookBack.keptItIsFoundAgain')}</small>}
    </div>
  );
}

function Better({ id }: { id: number }): ReactNode {
  const [wanted, setWanted] = useState(false);
  const better = useBetter(id, wanted);
  return (
    <div className="back-box">
      <h2>{say('lookBack.whatWouldHaveBeenBetter')}</h2>
      {!wanted && <Button onClick={() => setWanted(true)}>{say('lookBack.planAgainWithWhatWe')}</Button>}
      {wanted && better.isPending && <Spin />}
      {better.isError && <ProblemNote problem={problemOf(better.error)} />}
      {better.data && (
        <>
          <p role="status">{better.data.says}</p>
          <ul className="back-lines">
            {better.data.otherwise.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}

function Log({ back }: { back: LookBackView }): ReactNode {
  return (
    <details className="chair-log">
      <summary>{say('lookBack.everythingThatHappened', { logCount: back.log.length })}</summary>
      <ul>
        {back.log.map((line, i) => (
          <li key={i}>
            <time>{line.clock}</time>
            <span>
              {line.words} {line.hand && <small>{line.hand}</small>}
            </span>
          </li>
        ))}
      </ul>
    </details>
  );
}
