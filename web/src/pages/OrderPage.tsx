import { Button, Segmented, Spin } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, type ReactNode } from 'react';
import { answered, api, problemOf, type SequenceView, type TaskView } from '../api/client';
import { useSearchProgress, useSequence } from '../api/queries';
import { DraftField, typedNumber } from '../parts/DraftField';
import { Clocks } from '../parts/Clocks';
import { ProblemNote } from '../parts/ProblemNote';
import { useCase } from '../state/caseContext';
import { useTell } from '../state/useTell';
import { say } from '../words/say';

const PEOPLE = [1, 2, 3];
const NUDGE = 5;

/** What the hands do when: zones and people as lines, time along, every block to be moved. */
export function OrderPage(): ReactNode {
  const { document, state } = useCase();
  const sequence = useSequence(state.id, state.version);
  const { content } = state;
  const people = content.wish.hands;
  return (
    <main className="order" aria-busy={sequence.isFetching}>
      <div className="order-head">
        <h2>{say('order.orderOfWork')}</h2>
        <Segmented<number>
          aria-label={say('order.peopleWhoWork')}
          value={people}
          onChange={(hands) =>
            document.edit({
              ...content,
              moved: [],
              wish: { ...content.wish, hands },
            })
          }
          options={PEOPLE.map((count) => ({
            value: count,
            label: count === 1 ? say('order.n1Person') : say('order.people', { count }),
          }))}
        />
        {sequence.data && <span className="school-why">{sequence.data.boundWords}</span>}
        {sequence.data && sequence.data.minutes > sequence.data.bound && <Search />}
      </div>
      {sequence.isPending && <Spin className="wait" />}
      {sequence.isError && (
        <ProblemNote
          problem={problemOf(sequence.error)}
          action={<Button onClick={() => void sequence.refetch()}>{say('order.tryAgain')}</Button>}
        />
      )}
      {sequence.data && <Whole sequence={sequence.data} />}
    </main>
  );
}

/** Looks on for a shorter order beside everything else; what is found counts at once. */
function Search(): ReactNode {
  const { state } = useCase();
  const queries = useQueryClient();
  const progress = useSearchProgress(state.id, state.version);
  const tell = useTell();
  const path = { params: { path: { id: state.id } } };
  const now = progress.data;
  const minutes = now?.minutes;
  useEffect(() => {
    void queries.invalidateQueries({ queryKey: ['sequence', state.id, state.version] });
  }, [queries, state.id, state.version, minutes, now?.running]);
  const set = async (work: Promise<NonNullable<typeof now>>): Promise<void> => {
    queries.setQueryData(['search', state.id, state.version], await work);
    await progress.refetch();
  };
  return (
    <span className="order-search" role="group" aria-label={say('order.searchForAShorterOrder')}>
      {now?.running ? (
        <>
          <progress value={now.rounds} max={now.of} aria-label={say('order.roundsOfTheSearch')} />
          <Button
            onClick={() => tell(set(answered(api.DELETE('/api/cases/{id}/plan/sequence/search', path))))}
          >
            {say('order.enough')}
          </Button>
        </>
      ) : (
        <Button onClick={() => tell(set(answered(api.POST('/api/cases/{id}/plan/sequence/search', path))))}>
          {say('order.lookForAShorterOne')}
        </Button>
      )}
      {now && (now.running || now.rounds > 0) && (
        <small role="status">
          {now.minutesAtFirst === now.minutes
            ? now.running
              ? say('order.noneShorterYet')
              : say('order.noneShorterWasFound')
            : say('order.minShorter', { minutesAtFirst: now.minutesAtFirst - now.minutes })}
        </small>
      )}
    </span>
  );
}

function Whole({ sequence }: { sequence: SequenceView }): ReactNode {
  const { document, state } = useCase();
  const { content } = state;
  const [key, setKey] = useState('');
  const chosen = sequence.visits.flatMap(({ tasks }) => tasks).find((task) => task.key === key);
  const move = (task: TaskView, minute: number): void => {
    setKey(task.key);
    document.edit({
      ...content,
      moved: [
        ...content.moved.filter((one) => one.key !== task.key),
        { key: task.key, minute: Math.min(1440, Math.max(0, Math.round(minute))) },
      ],
    });
  };
  // From where it was moved to last: the answer to that may still be on its way.
  const nudge = (task: TaskView, by: number): void =>
    move(task, (content.moved.find((one) => one.key === task.key)?.minute ?? task.startMinute) + by);
  const back = (task: TaskView): void =>
    document.edit({ ...content, moved: content.moved.filter((one) => one.key !== task.key) });
  if (sequence.visits.length === 0) {
    return <p className="hint">{say('order.nothingIsToBeDone')}</p>;
  }
  return (
    <>
      {sequence.overdue.map((sentence) => (
        <p key={sentence} className="finding warning" role="alert">
          <strong>{say('order.warning')} </strong>
          {sentence}
        </p>
      ))}
      {sequence.unmoved.map(({ key: which, sentence }) => (
        <p key={which} className="finding warning" role="alert">
          <strong>
            {say('order.stays', {
              title:
                sequence.visits.flatMap(({ tasks }) => tasks).find((task) => task.key === which)?.title ??
                say('order.it'),
            })}
          </strong>{' '}
          {sentence}
        </p>
      ))}
      {sequence.visits.map((visit) => (
        <section key={visit.visit} aria-label={say('order.visitOnTheClock', { visit: visit.visit })}>
          <h3>
            {sequence.visits.length > 1 && say('order.visit', { visit: visit.visit })}
            {visit.words} <small>{say('order.until', { endClock: visit.endClock })}</small>
          </h3>
          <Clocks
            tasks={visit.tasks}
            minutes={visit.minutes}
            hands={sequence.hands}
            chosen={key}
            moved={content.moved.map((one) => one.key)}
            onChoose={setKey}
            onMove={move}
            onNudge={nudge}
          />
        </section>
      ))}
      <div className="order-below">
        <Chosen
          task={chosen}
          moved={content.moved.some((one) => one.key === key)}
          onNudge={nudge}
          onBack={back}
        />
        <Batches sequence={sequence} />
      </div>
    </>
  );
}

function Chosen(props: {
  task: TaskView | undefined;
  moved: boolean;
  onNudge: (task: TaskView, by: number) => void;
  onBack: (task: TaskView) => void;
}): ReactNode {
  const { task } = props;
  if (!task) {
    return (
      <section className="order-task" aria-label={say('order.chosenTask')}>
        <p className="hint">{say('order.pressABlockToSee')}</p>
      </section>
    );
  }
  const window = task.window[0];
  return (
    <section className="order-task" aria-label={say('order.chosenTask')}>
      <h3>{task.title}</h3>
      <p>
        <b>
          {task.clock}–{task.endClock}
        </b>{' '}
        {say('order.min', {
          minutes: task.minutes,
          figure:
            task.person === 0 ? say('order.runsByItself') : say('order.person2', { person: task.person }),
          zonesCount: task.zones.length > 0 && ` · ${task.zones.join(', ')}`,
        })}
      </p>
      {task.detail && <p>{task.detail}</p>}
      {window && (
        <p>
          {say('order.mayBeRinsedFromTo', {
            earliestClock: window.earliestClock,
            latestClock: window.latestClock,
          })}
        </p>
      )}
      {task.person > 0 && (
        <div className="order-move">
          <Button onClick={() => props.onNudge(task, -NUDGE)}>
            {say('order.minEarlier', { nUDGE: NUDGE })}
          </Button>
          <Button onClick={() => props.onNudge(task, NUDGE)}>
            {say('order.minLater', { nUDGE: NUDGE })}
          </Button>
          {props.moved && <Button onClick={() => props.onBack(task)}>{say('order.letItGoWhereIt')}</Button>}
        </div>
      )}
      {task.person > 0 && task.kind !== 'BREAK' && <Took key={task.key} task={task} />}
    </section>
  );
}

/** How long it really took: later plans of the house go by it. */
function Took({ task }: { task: TaskView }): ReactNode {
  const { state } = useCase();
  const queries = useQueryClient();
  const [text, setText] = useState(String(task.tookMinutes[0] ?? ''));
  const [refused, setRefused] = useState<string>();
  const minutes = Math.round(typedNumber(text));
  const tell = async (): Promise<void> => {
    try {
      const sequence = await answered(
        api.POST('/api/cases/{id}/plan/sequence/took', {
          params: { path: { id: state.id } },
          body: { key: task.key, minutes },
        }),
      );
      queries.setQueryData(['sequence', state.id, state.version], sequence);
      setRefused(undefined);
    } catch (error) {
      setRefused(problemOf(error).remedy);
    }
  };
  return (
    <div className="order-move">
      <DraftField
        label={say('order.itReallyTook')}
        suffix="min"
        width={110}
        inputMode="decimal"
        value={text}
        onText={setText}
      />
      <Button disabled={Number.isNaN(minutes)} onClick={() => void tell()}>
        {say('order.learnFromIt')}
      </Button>
      {refused && (
        <span className="refused" role="alert">
          {refused}
        </span>
      )}
    </div>
  );
}

function Batches({ sequence }: { sequence: SequenceView }): ReactNode {
  return (
    <section className="order-batches" aria-label={say('order.whatIsMixedWhen')}>
      <h3>{say('order.mixedWhen')}</h3>
      <ul>
        {sequence.batches.map((batch) => (
          <li key={`${batch.visit} ${batch.bowl} ${batch.number}`}>
            <time>{batch.clock}</time>
            <b className="bowl-name">{batch.bowl}</b>
            <span>
              {batch.number > 1 && say('order.batch', { number: batch.number })}
              <b>{say('order.g', { colourGrams: batch.colourGrams })}</b>
              {batch.developerGrams > 0 && (
                <>
                  {' + '}
                  <b>{say('order.g2', { developerGrams: batch.developerGrams })}</b>
                </>
              )}
              {batch.volume.map((volume) => say('order.atVol', { volume }))}
              <small>
                {say('order.applyByGoodUntilPerson', {
                  zones: batch.zones.join(', '),
                  laidBy: batch.laidBy,
                  freshUntil: batch.freshUntil,
                  person: batch.person,
                })}
              </small>
            </span>
          </li>
        ))}
      </ul>
      {sequence.ramps.map((ramp) => (
        <p key={`${ramp.visit} ${ramp.bowl}`} className="hint">
          {say('order.rampOfBowlMixedSo', { bowl: ramp.bowl, with: ramp.with, without: ramp.without })}
        </p>
      ))}
    </section>
  );
}
