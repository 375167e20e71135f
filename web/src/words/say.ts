import { TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { IntlMessageFormat } from 'intl-messageformat';
import { Children, type ReactNode } from 'react';
import type { Figures } from './keys';

/** Every text of the pages by its key, `room.text`; a room is a file of the catalogue, in each language. */
export type Key = keyof Figures;
export type Room = Key extends `${infer R}.${string}` ? R : never;

const LANGUAGES = ['en', 'de'] as const;
export type Language = (typeof LANGUAGES)[number];

export function isLanguage(words: string | null | undefined): words is Language {
  return LANGUAGES.some((one) => one === words);
}

type FiguresOf<K extends Key> = [Figures[K]] extends [undefined] ? [] : [Figures[K]];
/** What stands in a text that is drawn, or how what stands between two marks in it is drawn. */
type Drawn = ReactNode | ((between: ReactNode[]) => ReactNode);
/** A text as it was parsed when the pages were built; one that asks for nothing as it stands. */
type Parsed = string | MessageFormatElement[];

const files = import.meta.glob<Record<string, Parsed>>('./*/*.json', { import: 'default' });
const texts = new Map<string, Parsed>();
const read = new Map<string, { format: IntlMessageFormat; counted: Set<string> }>();
let language: Language = 'en';
let numbers = numbersOf('en');

function numbersOf(of: Language): Intl.NumberFormat {
  return new Intl.NumberFormat(localeOf(of), { useGrouping: false, maximumFractionDigits: 3 });
}

/** British days and a 24 h clock; and the German ones. */
function localeOf(of: Language): string {
  return of === 'en' ? 'en-GB' : 'de-DE';
}

export function spoken(): Language {
  return language;
}

/** For days, times and numbers. */
export function locale(): string {
  return localeOf(language);
}

/** What is said from now on. A page that is shown is loaded anew when its language changes. */
export function speak(next: Language): void {
  language = next;
  numbers = numbersOf(next);
  texts.clear();
  read.clear();
}

/** Fetches what pages say, unless it is there. */
export async function learn(...rooms: Room[]): Promise<void> {
  await Promise.all(
    rooms.map(async (room) => {
      const file = await files[`./${language}/${room}.json`]?.();
      for (const [key, text] of Object.entries(file ?? {})) {
        texts.set(`${room}.${key}`, text);
      }
    }),
  );
}

/** A text with its figures; numbers are written as the language writes them. */
export function say<K extends Key>(key: K, ...figures: FiguresOf<K>): string {
  const said = put(key, figures[0]);
  return typeof said === 'string' ? said : said.map(String).join('');
}

/** The same where figures, or what stands between marks, are drawn. */
export function drawn(key: Key, figures: Record<string, Drawn>): ReactNode {
  const said = put(key, figures);
  return typeof said === 'string' ? said : Children.toArray(said);
}

/** A number by itself. @param digits after its point; as many as it has if not said */
export function figure(number: number, digits?: number): string {
  return digits === undefined
    ? numbers.format(number)
    : new Intl.NumberFormat(locale(), {
        useGrouping: false,
        minimumFractionDigits: digits,
        maximumFractionDigits: digits,
      }).format(number);
}

function put(key: Key, figures: Record<string, Drawn> | undefined): string | ReactNode[] {
  const text = texts.get(key);
  if (text === undefined || typeof text === 'string') {
    return text ?? key;
  }
  const { format, counted } = readOf(key, text);
  const values = Object.fromEntries(
    Object.entries(figures ?? {}).map(([name, value]) => [
      name,
      typeof value === 'number' && !counted.has(name)
        ? numbers.format(value)
        : value === false
          ? ''
          : (value ?? ''),
    ]),
  );
  const said = format.format<ReactNode>(values as Parameters<typeof format.format<ReactNode>>[0]);
  return typeof said === 'string' ? said : Array.isArray(said) ? said : [said];
}

function readOf(key: Key, text: MessageFormatElement[]): { format: IntlMessageFormat; counted: Set<string> } {
  const known = read.get(key);
  if (known) {
    return known;
  }
  const found = { format: new IntlMessageFormat(text, locale()), counted: countedIn(text) };
  read.set(key, found);
  return found;
}

/** Figures by which a text is counted: one layer, two layers. */
function countedIn(parts: MessageFormatElement[]): Set<string> {
  const found = new Set<string>();
  const all = (some: Set<string>): void => some.forEach((one) => found.add(one));
  for (const part of parts) {
    if (part.type === TYPE.plural) {
      found.add(part.value);
    }
    if (part.type === TYPE.plural || part.type === TYPE.select) {
      Object.values(part.options).forEach(({ value }) => all(countedIn(value)));
    }
    if (part.type === TYPE.tag) {
      all(countedIn(part.children));
    }
  }
  return found;
}
