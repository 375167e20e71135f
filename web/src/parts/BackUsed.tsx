import type { ReactNode } from 'react';
import type { LookBackView } from '../api/client';
import { say } from '../words/say';

/** Grams, minutes and money: planned, and as they came to be. */
export function BackUsed({ back }: { back: LookBackView }): ReactNode {
  const { price } = back;
  return (
    <div className="back-box">
      <h2>{say('lookBack.plannedAndUsed')}</h2>
      <table className="back-table">
        <thead>
          <tr>
            <th scope="col">{say('lookBack.bowl')}</th>
            <th scope="col">{say('lookBack.planned')}</th>
            <th scope="col">{say('lookBack.poured')}</th>
            <th scope="col">{say('lookBack.left')}</th>
          </tr>
        </thead>
        <tbody>
          {back.used.map((one, i) => (
            <tr key={i}>
              <th scope="row">
                <span className="back-bowl">
                  {one.bowl && <b className="bowl-name">{one.bowl}</b>}
                  <span>{one.title}</span>
                </span>
              </th>
              <td>{say('lookBack.g', { plannedGrams: one.plannedGrams })}</td>
              <td>{one.pouredGrams > 0 ? say('lookBack.g2', { pouredGrams: one.pouredGrams }) : '–'}</td>
              <td>{one.leftGrams.length > 0 ? say('lookBack.g3', { leftGrams: one.leftGrams[0] }) : ''}</td>
            </tr>
          ))}
          <tr>
            <th scope="row">{say('lookBack.staffTime')}</th>
            <td>{say('lookBack.min', { plannedMinutes: price.plannedMinutes })}</td>
            <td>{say('lookBack.min2', { realMinutes: price.realMinutes })}</td>
            <td />
          </tr>
          <tr>
            <th scope="row">{say('lookBack.priceByTheSalonS')}</th>
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
