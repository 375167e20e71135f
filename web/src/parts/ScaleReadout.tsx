import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { answered, api, problemOf, type LineView, type Problem } from '../api/client';
import { typedNumber } from './DraftField';
import { figure, say } from '../words/say';

const LOOK_EVERY = 250;
const ASK_AGAIN = 1000;
/** Looks in a row that must agree before a weight is taken by itself. */
const SETTLED_LOOKS = 2;

interface Props {
  line: LineView;
  /** Names the line that is weighed now, so that a weight is taken for it once. */
  which: string;
  busy: boolean;
  /** @return whether it was taken */
  onTake: (grams: number, source: 'SCALE' | 'HAND', reading: string) => Promise<boolean>;
}

/** What the scale shows for the weight that is wanted next; a steady one near enough is taken by itself. */
export function ScaleReadout({ line, which, busy, onTake }: Props): ReactNode {
  const queries = useQueryClient();
  const [fault, setFault] = useState<Problem | null>(null);
  const scale = useQuery({
    queryKey: ['scale'],
    queryFn: () => answered(api.GET('/api/scale')),
    refetchInterval: (query) => (query.state.status === 'error' ? ASK_AGAIN : LOOK_EVERY),
    retry: false,
    gcTime: 0,
  });
  const shown = scale.isError ? null : (scale.data ?? null);
  const steadyLooks = useRef({ which: '', at: 0, looks: 0 });
  const near = shown !== null && Math.abs(shown.grams - line.missingGrams) <= line.toleranceGrams;
  const over = shown !== null && shown.grams > line.missingGrams + line.toleranceGrams;
  const take = async (grams: number, source: 'SCALE' | 'HAND', reading = ''): Promise<void> => {
    // The product is in the bowl: what was not taken must stay on the scale's figure.
    if ((await onTake(grams, source, reading)) && source === 'SCALE') {
      await tare(reading);
    }
  };
  const tare = async (reading = ''): Promise<void> => {
    try {
      queries.setQueryData(
        ['scale'],
        await answered(api.POST('/api/scale/tare', { params: { query: { reading } } })),
      );
      setFault(null);
    } catch (error) {
      setFault(problemOf(error));
    }
  };
  const taking = useRef(take);
  useEffect(() => {
    taking.current = take;
  });
  const looked = scale.dataUpdatedAt;
  useEffect(() => {
    const seen = steadyLooks.current;
    if (seen.which !== which) {
      steadyLooks.current = { which, at: looked, looks: 0 };
      return;
    }
    if (looked === seen.at) {
      return;
    }
    const settled = shown !== null && shown.steady && near && !busy;
    steadyLooks.current = { which, at: looked, looks: settled ? seen.looks + 1 : 0 };
    if (settled && steadyLooks.current.looks >= SETTLED_LOOKS) {
      steadyLooks.current = { which: say('mix.taken', { which }), at: looked, looks: 0 };
      void taking.current(shown.grams, 'SCALE', shown.reading);
    }
  }, [looked, which, near, shown, busy]);
  const problem = scale.isError ? problemOf(scale.error) : fault;
  return (
    <div className="scale" aria-label={say('mix.scale')} role="group">
      <div className="scale-figures">
        <output className={over ? 'scale-shown over' : 'scale-shown'} aria-label={say('mix.onTheScale')}>
          {shown ? figure(shown.grams, 1) : '–'}
          <small> g</small>
        </output>
        <span className="scale-of">
          {say('mix.of')} <b>{figure(line.missingGrams, Number.isInteger(line.missingGrams) ? 0 : 1)}</b> g
          <small>{say('mix.g', { name: line.name, toleranceGrams: line.toleranceGrams })}</small>
        </span>
        <span className="scale-state" role="status">
          {problem
            ? say('mix.noScale')
            : !shown
              ? ''
              : over
                ? say('mix.overByG', { grams: figure(shown.grams - line.missingGrams, 1) })
                : near
                  ? shown.steady
                    ? say('mix.taken2')
                    : say('mix.holdStill')
                  : shown.steady
                    ? say('mix.pour')
                    : say('mix.pouring')}
        </span>
      </div>
      <Bar line={line} grams={shown?.grams ?? 0} />
      {problem && (
        <p className="finding warning" role="alert">
          <strong>{problem.title}. </strong>
          {say('mix.whatWasWeighedIsKept', { remedy: problem.remedy })}
        </p>
      )}
      <div className="scale-buttons">
        <Button disabled={!shown?.steady} onClick={() => void tare()}>
          {say('mix.tare')}
        </Button>
        <Button
          type={over ? 'primary' : 'default'}
          disabled={!shown?.steady || shown.grams < 0.1 || busy}
          onClick={() => shown && void take(Number(shown.grams.toFixed(1)), 'SCALE', shown.reading)}
        >
          {over ? say('mix.itIsInReCompute') : say('mix.takeTheReading')}
        </Button>
        <ByHand onTake={(grams) => void take(grams, 'HAND')} />
      </div>
      {(shown?.simulated ?? problem !== null) && <StandIn missing={line.missingGrams} />}
    </div>
  );
}

function Bar({ line, grams }: { line: LineView; grams: number }): ReactNode {
  const most = Math.max(line.missingGrams * 1.25, grams, 1);
  const share = (value: number): string => `${Math.max(0, Math.min(100, (100 * value) / most))}%`;
  return (
    <div className="scale-bar" aria-hidden="true">
      <span className="scale-filled" style={{ width: share(grams) }} />
      <span
        className="scale-goal"
        style={{
          left: share(line.missingGrams - line.toleranceGrams),
          width: share(2 * line.toleranceGrams),
        }}
      />
    </div>
  );
}

function ByHand({ onTake }: { onTake: (grams: number) => void }): ReactNode {
  const [text, setText] = useState('');
  const take = (): void => {
    const grams = typedNumber(text);
    if (!Number.isNaN(grams)) {
      onTake(grams);
      setText('');
    }
  };
  return (
    <span className="scale-hand">
      <Input
        aria-label={say('mix.gramsWeighedByHand')}
        inputMode="decimal"
        suffix="g"
        placeholder={say('mix.byHand')}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onPressEnter={take}
      />
      <Button disabled={text.trim() === ''} onClick={take}>
        {say('mix.take')}
      </Button>
    </span>
  );
}

/** The scale that ships is made of software: it has to be told what is poured. */
function StandIn({ missing }: { missing: number }): ReactNode {
  const [text, setText] = useState('');
  const [plugged, setPlugged] = useState(true);
  const tell = (grams: number, into: boolean): void => {
    setPlugged(into);
    api
      .POST('/api/scale/stand-in', { body: { grams, seconds: grams === 0 ? 0 : 1, plugged: into } })
      .catch(() => setPlugged(!into));
  };
  return (
    <div className="stand-in" role="group" aria-label={say('mix.standInScale')}>
      <small>{say('mix.standInScale2')}</small>
      <Button onClick={() => tell(Math.max(0.1, missing), true)}>{say('mix.pourWhatIsWanted')}</Button>
      <Input
        aria-label={say('mix.gramsToPourOnThe')}
        inputMode="decimal"
        suffix="g"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <Button
        disabled={!(typedNumber(text) >= 0.1)}
        onClick={() => {
          tell(typedNumber(text), true);
          setText('');
        }}
      >
        {say('mix.pour2')}
      </Button>
      <Button onClick={() => tell(0, !plugged)}>{plugged ? say('mix.unplugIt') : say('mix.plugItIn')}</Button>
    </div>
  );
}
