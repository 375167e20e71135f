import { Button } from 'antd';
import type { ReactNode } from 'react';
import type { MeasuredView } from '../api/client';
import { useCase } from '../state/caseContext';
import { withDetail, type BandAt } from '../state/strands';
import { useBand } from '../state/useBand';
import { useReader } from '../state/useReader';
import { Photos } from './Photos';
import { ProblemNote } from './ProblemNote';
import { figure, say } from '../words/say';

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
      <h3>{say('read.colourReader')}</h3>
      <p className="how">{say('read.holdItFlatOnThe')}</p>
      <div className="level-line">
        <Button type="primary" loading={reader.busy} onClick={() => void reader.read(1)}>
          {say('read.readOnce')}
        </Button>
        <Button loading={reader.busy} onClick={() => void reader.read(3)}>
          {say('read.readThree')}
        </Button>
      </div>
      {reader.problem && <ProblemNote problem={reader.problem} />}
      {measured.length > 0 && (
        <div className="measured-list" role="status">
          <strong>
            {say('read.fromReadings', {
              levelWords: look ? `${look.levelWords} ${look.tone}` : '…',
              measuredCount: measured.length,
              measuredCount2: measured.length > 1 && say('read.apartBy', { measured: scatter(measured) }),
            })}
          </strong>
          <ul>
            {measured.map((one, i) => (
              <li key={i}>
                {say('read.lAB', {
                  figure: one.by === 'READER' ? say('read.reader') : say('read.photograph'),
                  l: figure(one.l, 1),
                  a: figure(one.a, 1),
                  b: figure(one.b, 1),
                  spread: figure(one.spread, 1),
                })}
                <Button
                  type="text"
                  size="small"
                  aria-label={say('read.leaveOutReading', { i: i + 1 })}
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
          <p className="how">{say('read.aMeasuredColourStandsIn')}</p>
        </div>
      )}
      <Photos measureFor={at} />
      <p className="how">{say('read.openOneWithAGrey')}</p>
    </>
  );
}

/** The widest distance of a reading from their mean in L*, a*, b*. */
function scatter(measured: MeasuredView[]): string {
  const mean = (axis: 'l' | 'a' | 'b'): number =>
    measured.reduce((sum, one) => sum + one[axis], 0) / measured.length;
  const centre = { l: mean('l'), a: mean('a'), b: mean('b') };
  const off = measured.map((one) => Math.hypot(one.l - centre.l, one.a - centre.a, one.b - centre.b));
  return figure(Math.max(...off), 1);
}
