import type { WayView } from '../api/client';
import { dayWords } from './today';

type Step = WayView['at'];
type State = WayView['steps'][number]['state'];

/** A page of a visit in the rail; several may belong to one step. */
export interface RailPage {
  to: string;
  words: string;
  step: Step | null;
}

/** In the order of the work; a route is opened up on Plan. */
export const RAIL: RailPage[] = [
  { to: 'consult', words: 'Consult', step: 'CONSULT' },
  { to: 'history', words: 'History', step: 'HISTORY' },
  { to: 'read', words: 'Read', step: 'READ' },
  { to: 'tests', words: 'Tests', step: 'TESTS' },
  { to: 'design', words: 'Design', step: 'DESIGN' },
  { to: 'decide', words: 'Decide', step: 'DECIDE' },
  { to: 'plan', words: 'Plan', step: null },
  { to: 'order', words: 'Order', step: 'ORDER' },
  { to: 'mix', words: 'Mix', step: 'MIX' },
  { to: 'chair', words: 'Chair', step: 'CHAIR' },
  { to: 'look-back', words: 'Look back', step: 'LOOK_BACK' },
];

export const STATE_WORDS: Record<State, string> = {
  DONE: 'done',
  OPEN: 'to do',
  BLOCKED: 'blocked',
  WAITING: 'later',
};

/** What stands in the line above every screen of a visit. */
interface Line {
  says: string;
  /** On the button that leads there; empty where there is nothing to go to. */
  button: string;
}

function counted(count: number, one: string, more: string): string {
  return count === 1 ? `1 ${one}` : `${count} ${more}`;
}

export function lineOf(way: WayView): Line {
  const n = way.count;
  switch (way.next) {
    case 'ASK':
      return {
        says: `${counted(n, 'question is', 'questions are')} still to be asked.`,
        button: n === 1 ? 'Ask it' : 'Ask them',
      };
    case 'READ':
      return { says: 'Read the head: nobody has yet.', button: 'Read the head' };
    case 'NOTE_TESTS':
      return {
        says: `${counted(n, 'strand test is', 'strand tests are')} on.`,
        button: n === 1 ? 'Note its result' : 'Note the results',
      };
    case 'CHOOSE':
      return { says: 'Choose the route to work by.', button: 'Choose a route' };
    case 'SETTLE':
      return {
        says: `${counted(n, 'thing blocks', 'things block')} the work.`,
        button: 'See what blocks it',
      };
    case 'WAIT':
      return { says: `All is planned for ${dayWords(way.day)}.`, button: 'See the order' };
    case 'BEGIN':
      return { says: 'All is ready to begin.', button: 'To the chair' };
    case 'WORK':
      return { says: 'The work is going on.', button: 'Back to the chair' };
    case 'READ_RESULT':
      return { says: 'The hair is done. Read how it turned out.', button: 'Read the result' };
    case 'NOTE_LESSONS':
      return { says: 'The result is read. Note what to do again and what not.', button: 'Note the lessons' };
    case 'NOTHING':
      return { says: 'All is done and noted.', button: '' };
  }
}
