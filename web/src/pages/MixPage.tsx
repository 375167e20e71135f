import { useQueryClient } from '@tanstack/react-query';
import { Button, Input, Spin } from 'antd';
import { useState, type ReactNode } from 'react';
import { answered, api, problemOf, type CardView, type MixView, type Problem } from '../api/client';
import { useMix } from '../api/queries';
import { typedNumber } from '../parts/DraftField';
import { MixMore } from '../parts/MixMore';
import { ProblemNote } from '../parts/ProblemNote';
import { ScaleReadout } from '../parts/ScaleReadout';
import { useCase } from '../state/caseContext';
import { useKeysOnce } from '../state/useOnce';
import { keptHand } from '../state/hand';
import { say } from '../words/say';

const STATE_WORDS: Record<CardView['state'], () => string> = {
  WAITING: () => '',
  BEGUN: () => say('mix.begun'),
  DONE: () => say('mix.done'),
};

/** The bowls in the order they are needed, weighed one part after another. */
export function MixPage(): ReactNode {
  const { state } = useCase();
  const mix = useMix(state.id, state.version);
  return (
    <main className="mix" aria-busy={mix.isFetching}>
      {mix.isPending && <Spin className="wait" />}
      {mix.isError && (
        <ProblemNote
          problem={problemOf(mix.error)}
          action={<Button onClick={() => void mix.refetch()}>{say('mix.tryAgain')}</Button>}
        />
      )}
      {mix.data && <Whole mix={mix.data} />}
    </main>
  );
}

function Whole({ mix }: { mix: MixView }): ReactNode {
  const { state } = useCase();
  const queries = useQueryClient();
  const [chosen, setChosen] = useState('');
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const act = async (work: Promise<MixView>): Promise<boolean> => {
    setBusy(true);
    try {
      await queries.cancelQueries({ queryKey: ['mix', state.id] });
      queries.setQueryData(['mix', state.id, state.version], await work);
      setProblem(null);
      void queries.invalidateQueries({ queryKey: ['shelf'] });
      return true;
    } catch (error) {
      setProblem(problemOf(error));
      return false;
    } finally {
      setBusy(false);
    }
  };
  const card = mix.cards.find(({ key }) => key === chosen) ?? mix.cards[mix.next[0] ?? 0];
  return (
    <>
      <section className="mix-list" aria-label={say('mix.bowlsInTheOrderThey')}>
        {mix.shorts.map(({ name, sentence }) => (
          <p key={name} className="finding warning" role="alert">
            <strong>{say('mix.short')} </strong>
            {sentence}
          </p>
        ))}
        {mix.learned && <p className="finding">{mix.learned}</p>}
        {mix.cards.length === 0 && <p className="hint">{say('mix.nothingIsToBeMixed')}</p>}
        <ol>
          {mix.cards.map((one) => (
            <li key={one.key}>
              <button
                type="button"
                className={`mix-line ${one.state.toLowerCase()}`}
                aria-pressed={one.key === card?.key}
                onClick={() => setChosen(one.key)}
              >
                <time>{one.clock}</time>
                <b className="bowl-name">{one.bowl || '–'}</b>
                <span>
                  <strong>{one.title}</strong>
                  <small>
                    {one.number > 1 && say('mix.batch', { number: one.number })}
                    {one.zones.join(', ')}
                  </small>
                </span>
                <span className="mix-sum">
                  <b>{one.words}</b>
                  <small>{STATE_WORDS[one.state]()}</small>
                </span>
              </button>
            </li>
          ))}
        </ol>
      </section>
      <section className="mix-card" aria-label={say('mix.bowl')}>
        {problem && <ProblemNote problem={problem} />}
        {card && <Card key={card.key} card={card} busy={busy} id={state.id} onAct={act} />}
        <MixMore key={`more ${card?.key}`} id={state.id} card={card} onAct={act} />
      </section>
    </>
  );
}

function Card(props: {
  card: CardView;
  busy: boolean;
  id: number;
  onAct: (work: Promise<MixView>) => Promise<boolean>;
}): ReactNode {
  const { card, id, onAct } = props;
  const once = useKeysOnce();
  const next = card.next[0];
  const line = next === undefined ? undefined : card.lines[next];
  const path = { params: { path: { id } } };
  return (
    <article data-card={card.key}>
      <header className="mix-head">
        <b className="bowl-name">{card.bowl || '–'}</b>
        <div>
          <h2>
            {card.title}
            {card.number > 1 && say('mix.batch2', { number: card.number })}
          </h2>
          <small>
            {[
              card.zones.join(', '),
              card.ratio,
              card.developer,
              card.person > 0 && say('mix.person', { person: card.person }),
              card.clock && say('mix.mixedAt', { clock: card.clock }),
              card.freshUntil && say('mix.goodUntil', { freshUntil: card.freshUntil }),
            ]
              .filter(Boolean)
              .join(' · ')}
          </small>
        </div>
      </header>
      <ol className="mix-parts">
        {card.lines.map((part, i) => (
          <li
            key={i}
            className={
              i === next ? 'next-part' : part.missingGrams === 0 && card.state !== 'WAITING' ? 'poured' : ''
            }
          >
            <b className="mix-grams">{part.words}</b>
            <span>
              {part.name}
              <small>
                {[
                  part.dilutes && 'dilutes',
                  part.fluidWords,
                  part.pouredGrams > 0 && say('mix.gIn', { pouredGrams: part.pouredGrams }),
                  part.targetGrams !== part.plannedGrams &&
                    say('mix.plannedG', { plannedGrams: part.plannedGrams }),
                ]
                  .filter(Boolean)
                  .join(' · ')}
                {part.opens > 0 && (
                  <strong>
                    {' '}
                    {say('mix.open', {
                      figure:
                        part.opens === 1 ? say('mix.aNewPack') : say('mix.packs', { opens: part.opens }),
                    })}
                  </strong>
                )}
                {part.shortGrams > 0 && (
                  <strong> {say('mix.gShort', { shortGrams: part.shortGrams })}</strong>
                )}
              </small>
            </span>
            <span className="mix-tick">{part.pouredGrams > 0 && part.missingGrams === 0 ? '✓' : ''}</span>
          </li>
        ))}
      </ol>
      {card.notice && (
        <p className="finding warning" role="status">
          {card.notice}
        </p>
      )}
      {line && card.state !== 'DONE' && (
        <ScaleReadout
          line={line}
          which={`${card.key} ${next} ${line.pouredGrams}`}
          busy={props.busy}
          onTake={async (grams, source, reading) => {
            const press = `${card.key} ${next} ${line.pouredGrams} ${grams}`;
            const taken = await onAct(
              answered(
                api.POST('/api/cases/{id}/mix/weighings', {
                  ...path,
                  headers: { 'Idempotency-Key': reading || once.of(press) },
                  body: { key: card.key, line: next ?? 0, grams, source, hand: keptHand() },
                }),
              ),
            );
            if (taken) {
              once.answered(press);
            }
            return taken;
          }}
        />
      )}
      {!line && card.state === 'BEGUN' && (
        <p className="mix-full" role="status">
          {say('mix.fullMixItWell', { words: card.words })}
        </p>
      )}
      <div className="mix-foot">
        {card.state === 'BEGUN' && (
          <Button
            onClick={() =>
              void onAct(
                answered(
                  api.POST('/api/cases/{id}/mix/taken-back', {
                    ...path,
                    headers: { 'Idempotency-Key': crypto.randomUUID() },
                    body: { key: card.key, hand: keptHand() },
                  }),
                ),
              )
            }
          >
            {say('mix.takeTheLastWeightBack')}
          </Button>
        )}
        {card.state !== 'WAITING' && <Finish card={card} id={id} onAct={onAct} />}
      </div>
    </article>
  );
}

/** A bowl is done; what is left of it in the end teaches the next estimate. */
function Finish(props: {
  card: CardView;
  id: number;
  onAct: (work: Promise<MixView>) => Promise<boolean>;
}): ReactNode {
  const { card, id, onAct } = props;
  const [left, setLeft] = useState(card.leftGrams[0] === undefined ? '' : String(card.leftGrams[0]));
  const done = (isDone: boolean): void => {
    const grams = typedNumber(left);
    void onAct(
      answered(
        api.POST('/api/cases/{id}/mix/done', {
          params: { path: { id } },
          body: { key: card.key, done: isDone, leftGrams: Number.isNaN(grams) ? [] : [grams] },
        }),
      ),
    );
  };
  return (
    <>
      <label className="mix-left">
        <span>{say('mix.leftOverInTheEnd')}</span>
        <Input
          aria-label={say('mix.gramsLeftOver')}
          inputMode="decimal"
          suffix="g"
          value={left}
          onChange={(event) => setLeft(event.target.value)}
        />
      </label>
      <Button type="primary" onClick={() => done(true)}>
        {card.state === 'DONE' ? say('mix.keepWhatWasLeft') : say('mix.bowlDone')}
      </Button>
      {card.state === 'DONE' && <Button onClick={() => done(false)}>{say('mix.notDoneYet')}</Button>}
    </>
  );
}
