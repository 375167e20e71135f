import { useQueryClient } from '@tanstack/react-query';
import { Button, Popconfirm } from 'antd';
import { useState, type ReactNode } from 'react';
import { answered, api, problemOf, type CopiesView, type Problem } from '../api/client';
import { useCopies } from '../api/queries';
import { instantWords } from '../state/today';
import { figure, say } from '../words/say';
import { ProblemNote } from './ProblemNote';

const MEGABYTE = 1_000_000;

/** Copies of everything the salon keeps: which there are, one more, and one back. */
export function SafetyCopies(): ReactNode {
  const queries = useQueryClient();
  const copies = useCopies().data;
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<Problem | null>(null);
  const ask = async (answer: Promise<CopiesView>): Promise<void> => {
    setBusy(true);
    try {
      queries.setQueryData(['copies'], await answer);
      setProblem(null);
    } catch (error) {
      setProblem(problemOf(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <section className="salon-wide" aria-labelledby="salon-copies">
      <h2 id="salon-copies">{say('salon.safetyCopies')}</h2>
      {problem && <ProblemNote problem={problem} />}
      {copies && (
        <>
          <p className="quiet">{say('salon.copiesLieIn', { folder: copies.folder })}</p>
          {copies.old && <p className="finding warning">{say('salon.lastCopyIsOld')}</p>}
          {copies.waits && (
            <p className="finding warning" role="status">
              {say('salon.aCopyWaits')}{' '}
              <Button onClick={() => void ask(answered(api.DELETE('/api/copies/waiting')))}>
                {say('salon.doNotRestore')}
              </Button>
            </p>
          )}
          <Button
            className="salon-copy-now"
            loading={busy}
            onClick={() => void ask(answered(api.POST('/api/copies')))}
          >
            {say('salon.copyNow')}
          </Button>
          <ul className="salon-copies">
            {copies.copies.map(({ name, at, days, bytes }) => (
              <li key={name}>
                <span>
                  <strong>{instantWords(at)}</strong>{' '}
                  <small>{say('salon.copyOf', { days, megabytes: figure(bytes / MEGABYTE, 1) })}</small>
                </span>
                <Popconfirm
                  title={say('salon.restoreThis')}
                  description={say('salon.whatRestoringDoes')}
                  okText={say('salon.restore')}
                  cancelText={say('salon.no')}
                  onConfirm={() =>
                    void ask(answered(api.POST('/api/copies/{name}/restore', { params: { path: { name } } })))
                  }
                >
                  <Button aria-label={say('salon.restoreFrom', { at: instantWords(at) })}>
                    {say('salon.restore')}
                  </Button>
                </Popconfirm>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
