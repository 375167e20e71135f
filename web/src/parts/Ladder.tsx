import type { ReactNode } from 'react';
import type { Kind, LookView } from '../api/client';
import { useLadder } from '../api/queries';
import { Lock } from '../hair/Tress';
import { say } from '../words/say';

/** Natural and lifted hair side by side, in the light chosen. */
export function LadderPicker({
  band,
  onRead,
}: {
  band: { kind: Kind; level: number };
  onRead: (kind: Kind, level: number) => void;
}): ReactNode {
  const ladder = useLadder().data;
  const rows: [Kind, string, { level: number; words: string; look: LookView }[]][] = [
    ['NATURAL', say('read.natural'), ladder?.natural ?? []],
    ['LIGHTENED', say('read.lifted'), ladder?.lifted ?? []],
  ];
  return (
    <div className="ladder">
      {rows.map(([kind, words, rungs]) => (
        <div key={kind} role="group" aria-label={say('read.levelOfHair', { words })}>
          <span className="ladder-words">{words}</span>
          <div className="ladder-row">
            {rungs
              .filter(({ level }) => Number.isInteger(level) && (kind === 'LIGHTENED' || level <= 10))
              .map((rung) => (
                <Rung
                  key={rung.level}
                  rung={rung}
                  pressed={band.kind === kind && Math.floor(band.level) === rung.level}
                  half={band.level !== rung.level}
                  onPress={() => onRead(kind, rung.level)}
                />
              ))}
          </div>
        </div>
      ))}
    </div>
  );
}

function Rung(props: {
  rung: { level: number; words: string; look: LookView };
  pressed: boolean;
  half: boolean;
  onPress: () => void;
}): ReactNode {
  const { rung, pressed } = props;
  return (
    <button
      type="button"
      className="rung"
      aria-pressed={pressed}
      aria-label={`${rung.words} ${rung.look.tone}`}
      onClick={props.onPress}
    >
      <Lock look={rung.look} seed={rung.level} />
      <span className="rung-words">
        {rung.words}
        {pressed && props.half ? '½' : ''}
      </span>
    </button>
  );
}
