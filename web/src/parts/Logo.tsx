import type { ReactNode } from 'react';

/** The program's name, the same in every language. */
export function Logo(): ReactNode {
  /* eslint-disable words/outside -- a name */
  return (
    <>
      misch<em>u</em>ng
    </>
  );
}
