import { answered, api } from '../api/client';
import { isLanguage, learn, speak, type Language } from './say';

const COOKIE = 'language';
const A_YEAR = 365 * 86_400;

/** What was chosen for this device; null where it speaks as the salon does. */
export function ownLanguage(): Language | null {
  const kept = document.cookie
    .split('; ')
    .find((one) => one.startsWith(`${COOKIE}=`))
    ?.slice(COOKIE.length + 1);
  return isLanguage(kept) ? kept : null;
}

/** From now on on this device, sheets and files too: the program reads it from the cookie. The page is loaded anew. */
export function chooseLanguage(own: Language | null): void {
  document.cookie = `${COOKIE}=${own ?? ''}; path=/; samesite=strict; max-age=${own ? A_YEAR : 0}`;
  location.reload();
}

async function salonLanguage(): Promise<Language> {
  const { house } = await answered(api.GET('/api/language'));
  return house === 'DE' ? 'de' : 'en';
}

/** Before anything is shown. A program that does not answer is spoken of in English. */
export async function beginToSpeak(): Promise<Language> {
  const language = ownLanguage() ?? (await salonLanguage().catch(() => 'en' as const));
  speak(language);
  document.documentElement.lang = language;
  await learn('shared');
  return language;
}
