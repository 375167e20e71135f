import type { ReactNode } from 'react';
import { useLadder } from '../api/queries';
import { Swatch } from './Swatch';
import { say } from '../words/say';

interface Props {
  level: number;
  onLevel: (level: number) => void;
  label: string;
  /** Lifted hair shows its own warmth; coloured hair is compared with natural. */
  hair: 'lifted' | 'natural';
}

/** A level picked beside the ladder, so that it is compared and not remembered. */
export function LadderPick({ level, onLevel, label, hair }: Props): ReactNode {
  const rungs = useLadder().data?.[hair] ?? [];
  return (
    <div className="chair-ladder" role="radiogroup" aria-label={label}>
      {rungs.map((rung) => (
        <button
          key={rung.level}
          type="button"
          role="radio"
          aria-checked={level === rung.level}
          aria-label={say('visit.level3', { words: rung.words })}
          onClick={() => onLevel(rung.level)}
        >
          <Swatch look={rung.look}>{rung.words}</Swatch>
        </button>
      ))}
    </div>
  );
}
