import { Button } from 'antd';
import type { ReactNode } from 'react';
import type { MeasuredView } from '../api/client';
import { useCase } from '../state/caseContext';
import { withDetail, type BandAt } from '../state/strands';
import { useBand } from '../state/useBand';
import { useReader } from '../state/useReader';
import { Photos } from './Photos';
import { ProblemNote } from './ProblemNote';

/** Its colour by reader or photograph instead of by eye. */
export function BandMeasure({ at }: { at: BandAt }): ReactNode {
  const { document, state } = useCase();
  const { band } = useBand(at);
  const reader = useReader(at);
  if (!band) {
    return null;
  }
  const { measured } = band.detail;
  const look = document.look(band);
  return (
    <>
      <h3>Colour reader</h3>
      <p className="how">
        Hold it flat on the band, no light at its rim. Three readings beside one another say how even it is.
      </p>
      <div className="level-line">
        <Button type="primary" loading={reader.busy} onClick={() => void reader.read(1)}>
          Read once
        </Button>
        <Button loading={reader.busy} onClick={() => void reader.read(3)}>
          Read three
        </Button>
      </div>
      {reader.problem && <ProblemNote problem={reader.problem} />}
      {measured.length > 0 && (
        <div className="measured-list" role="status">
          <strong>
            {look ? `${look.levelWords} ${look.tone}` : '…'} from {measured.length}{' '}
            {measured.length === 1 ? 'reading' : 'readings'}
            {measured.length > 1 && `, apart by ${scatter(measured)}`}
          </strong>
          <ul>
            {measured.map((one, i) => (
              <li key={i}>
                {one.by === 'READER' ? 'reader' : 'photograph'} L* {one.l.toFixed(1)} a* {one.a.toFixed(1)} b*{' '}
                {one.b.toFixed(1)} ± {one.spread.toFixed(1)}
                <Button
                  type="text"
                  size="small"
                  aria-label={`Leave out reading ${i + 1}`}
                  onClick={() =>
                    document.edit(
                      withDetail(state.content, at, { measured: measured.filter((_, j) => j !== i) }),
                    )
                  }
                >
                  ×
                </Button>
              </li>
            ))}
          </ul>
          <p className="how">
            A measured colour stands in for level and tone. Reading by eye again replaces it.
          </p>
        </div>
      )}
      <Photos measureFor={at} />
      <p className="how">
        Open one with a grey card in it, mark card and hair, measure, and take it for this band.
      </p>
    </>
  );
}

/** The widest distance of a reading from their mean in L*, a*, b*. */
function scatter(measured: MeasuredView[]): string {
  const mean = (axis: 'l' | 'a' | 'b'): number =>
    measured.reduce((sum, one) => sum + one[axis], 0) / measured.length;
  const centre = { l: mean('l'), a: mean('a'), b: mean('b') };
  const off = measured.map((one) => Math.hypot(one.l - centre.l, one.a - centre.a, one.b - centre.b));
  return Math.max(...off).toFixed(1);
}
