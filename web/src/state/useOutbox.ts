import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { problemOf, sendTold } from '../api/client';
import { Outbox, type NotTaken } from './outbox';

/** How often it is tried to reach the program while something waits for it. */
const EVERY = 3000;

/** What was told at this chair while the program could not be reached; it is sent as soon as it can. */
export function useOutbox(id: number): { outbox: Outbox; waits: number; notTaken: NotTaken[] } {
  const queries = useQueryClient();
  const [outbox] = useState(
    () =>
      new Outbox(
        `mischung.outbox.${id}`,
        localStorage,
        ({ deed, body, key, at }) => sendTold(id, deed, body, key, Date.now() - at),
        problemOf,
      ),
  );
  const { kept, notTaken } = useSyncExternalStore(outbox.subscribe, outbox.state);
  const waits = kept.length;
  useEffect(() => {
    if (waits === 0) {
      return undefined;
    }
    const flush = (): void =>
      void outbox.flush().then((job) => {
        if (job) {
          queries.setQueryData(['job', id], job);
          void queries.invalidateQueries({ queryKey: ['job', id] });
          void queries.invalidateQueries({ queryKey: ['way', id] });
        }
      });
    const timer = setInterval(flush, EVERY);
    window.addEventListener('online', flush);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', flush);
    };
  }, [outbox, queries, id, waits]);
  return { outbox, waits, notTaken };
}
