import { createContext, useContext, useSyncExternalStore } from 'react';
import type { CaseDocument, CaseState } from './caseDocument';

export const CaseContext = createContext<CaseDocument | null>(null);

/** The case of the page one is on, and its state, which redraws the page when it changes. */
export function useCase(): { document: CaseDocument; state: CaseState } {
  const document = useContext(CaseContext);
  if (!document) {
    throw new Error('useCase belongs inside a page of a case');
  }
  return { document, state: useSyncExternalStore(document.subscribe, document.snapshot) };
}
