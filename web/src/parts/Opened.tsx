import { Suspense, useState, type ReactNode } from 'react';

/** What is fetched only once it is opened: a sheet or a drawer over the page. It stays, so that closing can give the focus back. */
export function Opened({ open, children }: { open: boolean; children: ReactNode }): ReactNode {
  const [everOpen, setEverOpen] = useState(open);
  if (open && !everOpen) {
    setEverOpen(true);
  }
  return everOpen && <Suspense fallback={null}>{children}</Suspense>;
}
