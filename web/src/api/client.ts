import createClient from 'openapi-fetch';
import type { components, paths } from './schema';
import { asked } from './waiting';
import type { Deed } from '../state/outbox';
import { say } from '../words/say';

type Schemas = components['schemas'];

export type CaseFile = Schemas['CaseFile'];
export type CaseView = Schemas['CaseView'];
export type CaseSummary = Schemas['CaseSummary'];
export type ExportedCase = Schemas['ExportedCase'];
export type LayerView = Schemas['LayerView'];
export type FoilView = Schemas['FoilView'];
export type GroundView = Schemas['GroundView'];
export type JobFoils = Schemas['JobFoils'];
export type DevelopingView = Schemas['DevelopingView'];
export type PlacementView = Schemas['PlacementView'];
export type ZoneView = Schemas['ZoneView'];
export type BandView = Schemas['BandView'];
export type LookView = Schemas['LookView'];
export type SequenceView = Schemas['SequenceView'];
export type PlanView = Schemas['PlanView'];
export type BowlView = Schemas['BowlView'];
export type TaskView = Schemas['TaskView'];
export type ReasonView = Schemas['ReasonView'];
export type OutcomeView = Schemas['OutcomeView'];
export type Vocabulary = Schemas['Vocabulary'];
export type WayView = Schemas['WayView'];
export type Ladder = Schemas['Ladder'];
export type DetailView = Schemas['DetailView'];
export type MeasuredView = Schemas['MeasuredView'];
export type MeasuredLook = Schemas['MeasuredLook'];
export type ConsultationView = Schemas['ConsultationView'];
export type HistoryView = Schemas['HistoryView'];
export type EventView = Schemas['EventView'];
export type StrandHistoryView = Schemas['StrandHistoryView'];
export type StretchView = Schemas['StretchView'];
export type StrandTestView = Schemas['StrandTestView'];
export type StrandTestsView = Schemas['StrandTestsView'];
export type PanelView = Schemas['PanelView'];
export type PhotoView = Schemas['PhotoView'];
export type FrameView = Schemas['FrameView'];
export type StandingView = Schemas['StandingView'];
export type DayView = Schemas['DayView'];
export type ClientView = Schemas['ClientView'];
export type FoundClients = Schemas['FoundClients'];
export type HouseSettings = Schemas['Settings'];
export type JobView = Schemas['JobView'];
export type TaskState = Schemas['TaskState'];
export type ChangedView = Schemas['ChangedView'];
export type LookBackView = Schemas['LookBackView'];
export type BandBack = Schemas['BandBack'];
export type ShownView = Schemas['ShownView'];
export type BetterView = Schemas['BetterView'];
export type FadingView = Schemas['FadingView'];
export type AfterView = Schemas['AfterView'];
export type PastFound = Schemas['PastFound'];
export type TaughtView = Schemas['TaughtView'];
export type ClockView = Schemas['ClockView'];
export type MixView = Schemas['MixView'];
export type CardView = Schemas['CardView'];
export type LineView = Schemas['LineView'];
export type ShelfView = Schemas['ShelfView'];
export type RangeView = Schemas['RangeView'];
export type ProductView = Schemas['ProductView'];
export type ImportView = Schemas['ImportView'];
export type ShoppingList = Schemas['ShoppingList'];
export type SearchProgress = Schemas['Progress'];
export type ModelRun = Schemas['ModelRun'];
export type ModelView = Schemas['ModelView'];
export type ModelChoices = Schemas['ModelChoices'];
export type ModelChecks = Schemas['ModelChecks'];
export type DecisionView = Schemas['DecisionView'];
export type RouteView = Schemas['RouteView'];
export type MeasuresView = Schemas['MeasuresView'];
export type WorkedZone = Schemas['WorkedZone'];
export type WishView = Schemas['WishView'];
export type AimView = Schemas['AimView'];
export type PartWishView = Schemas['PartWishView'];
export type MethodView = Schemas['MethodView'];
export type RoundView = Schemas['RoundView'];
export type LightenerView = Schemas['LightenerView'];
export type LightenersView = Schemas['LightenersView'];
export type LayingView = Schemas['LayingView'];
export type PromiseView = Schemas['PromiseView'];
export type LaterView = Schemas['LaterView'];
export type CopiesView = Schemas['CopiesView'];
export type CopyView = Schemas['CopyView'];
export type Problem = Schemas['Problem'];

export type Kind = BandView['kind'];
export type Tone = BandView['tone'];
export type SecondTone = AimView['second'][number];
export type Place = ZoneView['place'];
export type Service = EventView['service'];
export type ImportedClients = Schemas['ImportedClients'];
export type HereView = Schemas['HereView'];
export type PeopleView = Schemas['PeopleView'];
export type PersonView = Schemas['PersonView'];
export type DevicesView = Schemas['DevicesView'];
export type TrailLine = Schemas['TrailLine'];
export type Status = CaseFile['status'];
export type Light = keyof Schemas['Colours'];

export const api = createClient<paths>({ baseUrl: '/', fetch: asked });

/** An answer that was not what was asked for; carries the server's problem document. */
export class Refused extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
    this.name = 'Refused';
  }
}

const unreachable = (): Problem => ({
  type: 'about:blank',
  title: say('shared.theProgramDoesNotAnswer'),
  status: 0,
  detail: say('shared.isItStillRunningOn'),
  field: '',
  value: '',
  remedy: say('shared.startItAgainWhatYou'),
});

/** Sends something that is no JSON as it is; whether it is what it should be is for the server to say. */
async function sent<T>(path: string, type: string, body: BodyInit): Promise<T> {
  let response;
  try {
    response = await fetch(path, { method: 'POST', headers: { 'Content-Type': type }, body });
  } catch {
    throw new Refused(unreachable());
  }
  const answer: unknown = await response.json();
  if (!response.ok) {
    throw new Refused(answer as Problem);
  }
  return answer as T;
}

export function sendPhoto(id: number, words: string, photo: File): Promise<PhotoView> {
  return sent(
    `/api/cases/${id}/photos?words=${encodeURIComponent(words)}`,
    photo.type === 'image/png' ? 'image/png' : 'image/jpeg',
    photo,
  );
}

/** Something told at the chair; how long ago, where the program could not be reached then. */
export async function sendTold(
  id: number,
  deed: Deed,
  body: unknown,
  key: string,
  ago: number,
): Promise<JobView> {
  let response;
  try {
    response = await asked(
      new Request(`/api/cases/${id}/job/${deed}`, {
        method: 'POST',
        headers: {
          'Content-Type': 'application/json',
          'Idempotency-Key': key,
          'Told-Ago': String(Math.max(0, Math.round(ago / 1000))),
        },
        body: JSON.stringify(body),
      }),
    );
  } catch {
    throw new Refused(unreachable());
  }
  const answer: unknown = await response.json();
  if (!response.ok) {
    throw new Refused(answer as Problem);
  }
  return answer as JobView;
}

/** A range of products as comma-separated text. */
export function sendRange(range: string, csv: string): Promise<ImportView> {
  return sent(`/api/shelf/imports?range=${encodeURIComponent(range)}`, 'text/csv; charset=utf-8', csv);
}

/** Clients as comma-separated text, to be looked at or taken over. */
export function sendClients(csv: string, take: boolean): Promise<ImportedClients> {
  return sent(`/api/clients/imports?take=${take}`, 'text/csv; charset=utf-8', csv);
}

/** Unwraps an answer of the client: the data, or a {@link Refused}. */
export async function answered<T>(
  call: Promise<{ data?: T; error?: Problem; response: Response }>,
): Promise<T> {
  let result;
  try {
    result = await call;
  } catch {
    throw new Refused(unreachable());
  }
  if (result.response.ok) {
    return result.data as T;
  }
  const known = result.error;
  throw new Refused(
    known && typeof known === 'object' && 'remedy' in known
      ? known
      : {
          ...unreachable(),
          title: say('shared.theProgramAnsweredSomethingUnforeseen'),
          status: result.response.status,
        },
  );
}

export function problemOf(error: unknown): Problem {
  return error instanceof Refused ? error.problem : { ...unreachable(), detail: String(error) };
}
