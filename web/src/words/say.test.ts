import { afterEach, describe, expect, it } from 'vitest';
import { figure, learn, say, speak } from './say';

describe('what is said', () => {
  afterEach(async () => {
    speak('en');
    await learn('visit', 'design', 'day');
  });

  it('is said in the language that is spoken, with its numbers and counts', async () => {
    expect(say('day.newCase')).toBe('New case');
    expect(say('visit.questionsStillToBeAsked', { n: 1 })).toBe('1 question is still to be asked.');
    expect(say('visit.questionsStillToBeAsked', { n: 3 })).toBe('3 questions are still to be asked.');
    expect(say('day.gLeft', { grams: 1234.5 })).toBe('1234.5 g left');

    speak('de');
    await learn('visit', 'day');

    expect(say('day.newCase')).toBe('Neuer Termin');
    expect(say('visit.questionsStillToBeAsked', { n: 3 })).toBe('3 Fragen sind noch zu stellen.');
    expect(say('day.gLeft', { grams: 1234.5 })).toBe('noch 1234,5 g');
    expect(figure(0.1 + 0.2)).toBe('0,3');
  });

  it('leaves out what there is nothing to say of', () => {
    expect(say('design.readsAsAWhole', { predicted: false })).toBe('Reads as a whole');
    expect(say('design.readsAsAWhole', { predicted: undefined })).toBe('Reads as a whole');
  });
});
