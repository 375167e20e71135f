import { Button, Spin } from 'antd';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { problemOf, type PromiseView } from '../api/client';
import { usePromise } from '../api/queries';
import { Lock } from '../hair/Tress';
import { ProblemNote } from '../parts/ProblemNote';
import { useCase } from '../state/caseContext';
import { dateWords } from '../state/today';
import { say } from '../words/say';

/** The client's page: what will happen, what is likely, what is not promised, hours, price, and how it fades. */
export function PromisePage(): ReactNode {
  const { state } = useCase();
  const promise = usePromise(state.id, state.version, '');
  return (
    <main className="promise">
      {promise.isPending && <Spin className="wait" />}
      {promise.isError && <ProblemNote problem={problemOf(promise.error)} />}
      {promise.data && (
        <>
          <div className="promise-buttons">
            <Button type="primary" onClick={() => window.print()}>
              {say('promise.print')}
            </Button>
            <Button href={`/api/cases/${state.id}/promise.pdf`}>{say('promise.asAPDF')}</Button>
            <Link to="../before-after">{say('promise.beforeAndAfter')}</Link>
          </div>
          <Sheet promise={promise.data} />
        </>
      )}
    </main>
  );
}

function Sheet({ promise }: { promise: PromiseView }): ReactNode {
  return (
    <article className="sheet">
      <p className="sheet-of">
        {promise.clientName}, {dateWords(promise.date)}
      </p>
      <h1>{say('promise.yourColour', { wish: promise.wish })}</h1>
      <div className="sheet-columns">
        <section>
          <h2>{say('promise.whatWillHappen')}</h2>
          <ol>
            {promise.happens.map((one, i) => (
              <li key={i}>{one}</li>
            ))}
          </ol>
          {promise.meanwhile && <p className="sheet-orange">{promise.meanwhile}</p>}
        </section>
        <section>
          <h2>{say('promise.whatIsLikely')}</h2>
          <List lines={promise.likely} />
          <h2>{say('promise.whatIsNotPromised')}</h2>
          <List lines={promise.notPromised} />
        </section>
        <section>
          <h2>{say('promise.timeAndPrice')}</h2>
          <p className="sheet-figure">
            {promise.hours},{' '}
            {promise.visits === 1
              ? say('promise.oneVisit')
              : say('promise.visits', { visits: promise.visits })}
          </p>
          <p className="sheet-figure">{promise.price}</p>
        </section>
        <section>
          <h2>{say('promise.afterwards')}</h2>
          <List lines={promise.upkeep} />
        </section>
      </div>
      <h2>{say('promise.howItFades')}</h2>
      <table className="fade">
        <thead>
          <tr>
            <th />
            <th>{say('promise.today')}</th>
            {promise.weeks.map((weeks) => (
              <th key={weeks}>{say('promise.weeks', { weeks })}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {promise.fade.map(({ where, looks }) => (
            <tr key={where + looks.map(({ level }) => level).join()}>
              <th scope="row">{where}</th>
              {looks.map((look, i) => (
                <td key={i}>
                  <span className="fade-patch" aria-hidden="true">
                    <Lock look={look} seed={3} />
                  </span>
                  {look.levelWords} {look.tone}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </article>
  );
}

function List({ lines }: { lines: string[] }): ReactNode {
  return (
    <ul>
      {lines.map((one) => (
        <li key={one}>{one}</li>
      ))}
    </ul>
  );
}
