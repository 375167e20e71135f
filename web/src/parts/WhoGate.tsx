import { useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, type ReactNode } from 'react';
import { onNobodySits } from '../api/waiting';
import { HERE, useHere } from '../state/here';
import { say } from '../words/say';

const SitDown = lazy(async () => ({ default: (await import('./SitDown')).SitDown }));

/** Where people say who they are, nothing is shown before somebody has; what was open stays, and is there again afterwards. */
export function WhoGate({ children }: { children: ReactNode }): ReactNode {
  const queries = useQueryClient();
  const here = useHere().data;
  useEffect(() => onNobodySits(() => void queries.invalidateQueries({ queryKey: HERE })), [queries]);
  return here?.role === 'ANYBODY' ? (
    <main className="alone who">
      <title>{say('shared.mischung', { title: say('shared.whoWorksHere') })}</title>
      <h1>{say('shared.whoWorksHere')}</h1>
      <Suspense>
        <SitDown people={here.people} onDone={() => undefined} />
      </Suspense>
    </main>
  ) : (
    children
  );
}
