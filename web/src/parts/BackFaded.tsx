import type { ReactNode } from 'react';
import type { ShownView } from '../api/client';
import { useFaded } from '../api/queries';
import { say } from '../words/say';

/** What the last visit's fade forecast says of today, beside what is read. */
export function BackFaded({ id }: { id: number }): ReactNode {
  const faded = useFaded(id).data;
  if (!faded || faded.bands.length === 0) {
    return null;
  }
  return (
    <div className="back-box">
      <h2>{say('lookBack.fadedSinceTheLastVisit', { weeks: faded.weeks })}</h2>
      <table className="back-table">
        <thead>
          <tr>
            <th scope="col">{say('lookBack.band')}</th>
            <th scope="col">{say('lookBack.forecast')}</th>
            <th scope="col">{say('lookBack.read')}</th>
            <th scope="col">{say('lookBack.e')}</th>
          </tr>
        </thead>
        <tbody>
          {faded.bands.map((band) => (
            <tr key={`${band.zoneWords} ${band.fromCm} ${band.forecast.words}`}>
              <th scope="row">
                {say('lookBack.cm', { zoneWords: band.zoneWords, fromCm: band.fromCm, toCm: band.toCm })}
              </th>
              <td>
                <Patch shown={band.forecast} />
              </td>
              <td>
                <Patch shown={band.read} />
              </td>
              <td>{band.difference}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Patch({ shown }: { shown: ShownView }): ReactNode {
  return (
    <>
      <span className="back-patch" style={{ background: shown.hex }} aria-hidden="true" /> {shown.words}
    </>
  );
}
