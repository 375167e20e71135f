import type { OutcomeView, WorkedZone } from '../api/client';
import type { TressBand } from './Tress';

/** Pieces of a zone as it is worked, by the stretches they lie in: indices of its bands. */
export function piecesByStretch(zone: WorkedZone): number[][] {
  return [...new Set(zone.bands.map(({ stretch }) => stretch.fromCm))].map((from) =>
    zone.bands.flatMap((band, b) => (band.stretch.fromCm === from ? [b] : [])),
  );
}

/** A zone at one moment of a route; what was cut off is not there. */
export function hairOf(zone: WorkedZone, outcomes: OutcomeView[]): TressBand[] {
  return piecesByStretch(zone).flatMap((pieces) => {
    const here = zone.bands[pieces[0] ?? 0]?.stretch;
    return here
      ? [
          {
            fromCm: here.fromCm,
            toCm: here.toCm,
            pieces: pieces.flatMap((b) => {
              const outcome = outcomes[b];
              return outcome && !outcome.cut
                ? [{ share: zone.bands[b]?.share ?? 1, look: outcome.look }]
                : [];
            }),
          },
        ]
      : [];
  });
}
