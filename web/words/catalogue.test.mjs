import { RuleTester } from 'eslint';
import { describe, expect, it } from 'vitest';
import { faults, figuresOf, typesOf, usedIn } from './catalogue.mjs';
import { outside } from './outside.mjs';

describe('the catalogue', () => {
  const en = {
    'a.grams': '{grams} g',
    'a.layers': '{n, plural, one {# layer} other {# layers}}',
    'a.save': 'Save',
  };
  const used = new Set(Object.keys(en));

  it('has no fault where every language says everything', () => {
    const de = {
      'a.grams': '{grams} g',
      'a.layers': '{n, plural, one {# Lage} other {# Lagen}}',
      'a.save': 'Sichern',
    };
    expect(faults({ en, de }, used)).toEqual([]);
  });

  it('says what a language lacks, forgets, adds or cannot say', () => {
    const de = { 'a.grams': 'Gramm', 'a.layers': '{n, plural, one {# Lage}}', 'a.other': 'Anderes' };
    const wrong = faults({ en, de }, used);
    expect(wrong).toContain('de: a.grams forgets {grams}');
    expect(wrong).toContain('de: a.save is missing');
    expect(wrong).toContain('de: a.other is not in en');
    expect(wrong.some((one) => one.startsWith('de: a.layers is no message'))).toBe(true);
    expect(faults({ en, de: { ...en, 'a.save': 'Sichern {x}' } }, used)).toEqual([
      'de: a.save asks for {x}, which nobody gives',
    ]);
    expect(faults({ en: { ...en, 'a.save': ' ' } }, used)).toEqual(['en: a.save is empty']);
  });

  it('says what nobody uses', () => {
    expect(faults({ en }, usedIn("say('a.grams', { grams }) + say('a.layers', { n })"))).toEqual([
      'a.save is not used',
    ]);
  });

  it('knows what a text asks for', () => {
    expect([...figuresOf('<b>{name}</b>: {n, plural, one {a} other {# in {zone}}}')]).toEqual([
      ['b', 'mark'],
      ['name', 'plain'],
      ['n', 'count'],
      ['zone', 'plain'],
    ]);
    expect(typesOf(en)).toContain("'a.layers': { n: number };");
    expect(typesOf(en)).toContain("'a.save': undefined;");
  });
});

const tester = new RuleTester({
  languageOptions: { parserOptions: { ecmaFeatures: { jsx: true } } },
});

tester.run('words outside the catalogue', outside, {
  valid: [
    "say('a.save')",
    '<p className="wish line">{text} g</p>',
    '<i style={{ transform: "rotate(90deg) scale(2)" }} />',
    "throw new RangeError('too many fibres')",
    '<b aria-label={say("a.save")}>±</b>',
  ],
  invalid: [
    { code: '<p>Save it</p>', errors: 1 },
    { code: '<p>save</p>', errors: 1 },
    { code: '<b aria-label="Undo" />', errors: 1 },
    { code: 'const words = `${n} more ways`', errors: 1 },
    { code: "const words = busy ? 'Try again' : ''", errors: 1 },
  ],
});
