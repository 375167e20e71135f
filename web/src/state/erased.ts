import { answered, type Problem } from '../api/client';

/** What is said where somebody still reads what was erased. */
export const LEAVES_LATER = 'Erased. Its last traces leave the disk as soon as nobody reads there any more.';

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
