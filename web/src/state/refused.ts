import type { Saving } from './caseDocument';

/** Why the last edit of exactly this field was refused, if it was; `path` as the program names it, without `content.`. */
export function refusedAt(saving: Saving, ...paths: string[]): string | undefined {
  return saving.status === 'refused' && paths.some((path) => saving.problem.field === `content.${path}`)
    ? saving.problem.remedy
    : undefined;
}
