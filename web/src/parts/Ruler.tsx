import type { ReactNode } from 'react';

/** Centimetres from the scalp. */
export function Ruler({ longestCm, pixelsPerCm }: { longestCm: number; pixelsPerCm: number }): ReactNode {
  const step = longestCm > 80 ? 10 : 5;
  const marks = Array.from({ length: Math.floor(longestCm / step) + 1 }, (_, i) => i * step);
  return (
    <div className="ruler" aria-hidden="true">
      {marks.map((cm) => (
        <span key={cm} style={{ left: cm * pixelsPerCm }}>
          {cm}
          {cm === 0 ? ' cm' : ''}
        </span>
      ))}
    </div>
  );
}
