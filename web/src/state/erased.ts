import { answered, type Problem } from '../api/client';
import { say } from '../words/say';

/** What is said where somebody still reads what was erased. */
export function leavesLater(): string {
  return say('shared.erasedItsLastTracesLeave');
}

/** Erases, and says whether the last traces leave later. */
export async function erased(
  call: Promise<{ data?: unknown; error?: Problem; response: Response }>,
): Promise<boolean> {
  const { response } = await call.then(
    (result) => result,
    () => ({ response: null }),
  );
  await answered(call);
  return response?.status === 202;
}
