import type { ReactNode } from 'react';
import type { LookBackView } from '../api/client';

/** Grams, minutes and money: planned, and as they came to be. */
export function BackUsed({ back }: { back: LookBackView }): ReactNode {
  const { price } = back;
  return (
    <div className="back-box">
      <h2>Planned and used</h2>
      <table className="back-table">
        <thead>
          <tr>
            <th scope="col">Bowl</th>
            <th scope="col">planned</th>
            <th scope="col">poured</th>
            <th scope="col">left</th>
          </tr>
        </thead>
        <tbody>
          {back.used.map((one, i) => (
            <tr key={i}>
              <th scope="row">
                {one.bowl && <b className="bowl-name">{one.bowl}</b>} {one.title}
              </th>
              <td>{one.plannedGrams} g</td>
              <td>{one.pouredGrams > 0 ? `${one.pouredGrams} g` : '–'}</td>
              <td>{one.leftGrams.length > 0 ? `${one.leftGrams[0]} g` : ''}</td>
            </tr>
          ))}
          <tr>
            <th scope="row">Staff time</th>
            <td>{price.plannedMinutes} min</td>
            <td>{price.realMinutes} min</td>
            <td />
          </tr>
          <tr>
            <th scope="row">Price by the salon&rsquo;s rates</th>
            <td>
              {price.planned} {price.currency}
            </td>
            <td>
              {price.real} {price.currency}
            </td>
            <td />
          </tr>
        </tbody>
      </table>
    </div>
  );
}
