import type { ReactNode } from 'react';
import type { OutcomeView, WorkedZone } from '../api/client';
import { seedOf, Tress } from '../hair/Tress';
import { hairOf, piecesByStretch } from '../hair/worked';
import { cmWords } from '../state/strands';
import { say } from '../words/say';

interface Props {
  zone: WorkedZone;
  outcomes: OutcomeView[];
  pixelsPerCm: number;
  height: number;
  /** What is said of a piece, for those who do not see it. */
  said: (band: number) => string;
  /** Level words on the hair, where there is room for them. */
  figure?: (band: number) => string;
  chosen: number | null;
  onChoose: (band: number) => void;
  /** Pieces to be marked as different. */
  marked?: (band: number) => boolean;
}

const ROOM_FOR_WORDS = 24;

/** A strand as it is worked: stretches side by side, woven pieces above the rest between them, by their share. */
export function WorkedStrand(props: Props): ReactNode {
  const { zone, outcomes, pixelsPerCm } = props;
  const stretches = piecesByStretch(zone);
  return (
    <div className="score-strand">
      <Tress
        bands={hairOf(zone, outcomes)}
        width={(zone.bands.at(-1)?.stretch.toCm ?? 0) * pixelsPerCm}
        height={props.height}
        seed={seedOf(zone.place)}
        lying="apart"
      />
      {stretches.map((pieces) => {
        const first = zone.bands[pieces[0] ?? 0];
        const width = first ? (first.stretch.toCm - first.stretch.fromCm) * pixelsPerCm : 0;
        return (
          <div className="score-stretch" key={pieces[0]} style={{ width, height: props.height }}>
            {pieces.map((b) => (
              <Piece key={b} {...props} b={b} wide={width > ROOM_FOR_WORDS} />
            ))}
          </div>
        );
      })}
    </div>
  );
}

function Piece(props: Props & { b: number; wide: boolean }): ReactNode {
  const { zone, outcomes, b, wide } = props;
  const band = zone.bands[b];
  const outcome = outcomes[b];
  if (!band || !outcome) {
    return null;
  }
  const classes = [
    'score-band',
    outcome.touched ? '' : 'untouched',
    outcome.cut ? 'cut' : '',
    props.marked?.(b) ? 'differs' : '',
  ];
  const { fromCm, toCm, weave } = band.stretch;
  const which = weave === 'ALL' ? '' : weave === 'PIECES' ? say('visit.wovenPieces') : say('visit.theRest');
  return (
    <button
      type="button"
      className={classes.filter(Boolean).join(' ')}
      style={{ flexGrow: band.share }}
      aria-label={say('visit.toCmWhy', {
        fromCm: cmWords(fromCm),
        toCm: cmWords(toCm),
        which,
        figure: outcome.cut ? say('visit.cutOff') : props.said(b),
      })}
      aria-pressed={props.chosen === b}
      onClick={() => props.onChoose(b)}
    >
      {wide && !outcome.cut && props.figure && <span>{props.figure(b)}</span>}
    </button>
  );
}
