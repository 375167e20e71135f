import type { ReactNode } from 'react';

const END_CM = 1.5;
const END = 'translateX(-100%)';

/** Centimetres from the scalp. */
export function Ruler({ longestCm, pixelsPerCm }: { longestCm: number; pixelsPerCm: number }): ReactNode {
  const step = longestCm > 80 ? 10 : 5;
  const marks = Array.from({ length: Math.floor(longestCm / step) + 1 }, (_, i) => i * step);
  return (
    <div className="ruler" aria-hidden="true">
      {marks.map((cm) => (
        <span
          key={cm}
          // The last one ends where the ruler ends, so that it is not cut.
          style={{ left: cm * pixelsPerCm, transform: longestCm - cm < END_CM && cm > 0 ? END : undefined }}
        >
          {cm}
          {cm === 0 ? ' cm' : ''}
        </span>
      ))}
    </div>
  );
}
