import type { WayView } from '../api/client';
import { dayWords } from './today';
import { say } from '../words/say';

type Step = WayView['at'];
type State = WayView['steps'][number]['state'];

/** A page of a visit in the rail. */
export interface RailPage {
  to: string;
  words: () => string;
  step: Step;
}

/** In the order of the work. */
export const RAIL: RailPage[] = [
  { to: 'consult', words: () => say('visit.consult'), step: 'CONSULT' },
  { to: 'history', words: () => say('visit.history'), step: 'HISTORY' },
  { to: 'read', words: () => say('visit.read'), step: 'READ' },
  { to: 'tests', words: () => say('visit.tests'), step: 'TESTS' },
  { to: 'design', words: () => say('visit.design'), step: 'DESIGN' },
  { to: 'decide', words: () => say('visit.decide'), step: 'DECIDE' },
  { to: 'order', words: () => say('visit.order'), step: 'ORDER' },
  { to: 'mix', words: () => say('visit.mix'), step: 'MIX' },
  { to: 'chair', words: () => say('visit.chair'), step: 'CHAIR' },
  { to: 'look-back', words: () => say('visit.lookBack'), step: 'LOOK_BACK' },
];

export const STATE_WORDS: Record<State, () => string> = {
  DONE: () => say('visit.done'),
  OPEN: () => say('visit.toDo'),
  BLOCKED: () => say('visit.blocked'),
  WAITING: () => say('visit.later'),
};

/** What stands in the line above every screen of a visit. */
interface Line {
  says: string;
  /** On the button that leads there; empty where there is nothing to go to. */
  button: string;
}

export function lineOf(way: WayView): Line {
  const n = way.count;
  switch (way.next) {
    case 'ASK':
      return {
        says: say('visit.questionsStillToBeAsked', { n }),
        button: say('visit.askThem', { n }),
      };
    case 'READ':
      return { says: say('visit.readTheHeadNobodyHas', { n }), button: say('visit.readTheHead') };
    case 'NOTE_TESTS':
      return {
        says: say('visit.strandTestsAreOn', { n }),
        button: say('visit.noteTheResults', { n }),
      };
    case 'CHOOSE':
      return { says: say('visit.chooseTheRouteToWork'), button: say('visit.chooseARoute') };
    case 'SETTLE':
      return {
        says: say('visit.thingsBlockTheWork', { n }),
        button: say('visit.seeWhatBlocksIt'),
      };
    case 'WAIT':
      return {
        says: say('visit.allIsPlannedFor', { day: dayWords(way.day) }),
        button: say('visit.seeTheOrder'),
      };
    case 'BEGIN':
      return { says: say('visit.allIsReadyToBegin'), button: say('visit.toTheChair') };
    case 'WORK':
      return { says: say('visit.theWorkIsGoingOn'), button: say('visit.backToTheChair') };
    case 'READ_RESULT':
      return { says: say('visit.theHairIsDoneRead'), button: say('visit.readTheResult') };
    case 'NOTE_LESSONS':
      return { says: say('visit.theResultIsReadNote'), button: say('visit.noteTheLessons') };
    case 'NOTHING':
      return { says: say('visit.allIsDoneAndNoted'), button: '' };
  }
}
