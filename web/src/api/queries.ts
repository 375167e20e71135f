import {
  keepPreviousData,
  queryOptions,
  useQuery,
  useQueryClient,
  type UseQueryResult,
} from '@tanstack/react-query';
import { useEffect } from 'react';
import {
  answered,
  api,
  type CaseSummary,
  type CaseView,
  type ClientView,
  type DayView,
  type DecisionView,
  type DevelopingView,
  type FoundClients,
  type HouseSettings,
  type CaseFile,
  type JobFoils,
  type JobView,
  type Kind,
  type Ladder,
  type LightenersView,
  type LookView,
  type ModelChecks,
  type ModelChoices,
  type ModelRun,
  type MixView,
  type ModelView,
  type PhotoView,
  type PlacementView,
  type PlanView,
  type CopiesView,
  type LaterView,
  type PromiseView,
  type RouteView,
  type SearchProgress,
  type SequenceView,
  type ShelfView,
  type ShoppingList,
  type StrandHistoryView,
  type StrandTestsView,
  type Tone,
  type Vocabulary,
  type WayView,
  type LookBackView,
  type BetterView,
  type FadingView,
  type AfterView,
  type PastFound,
  type TaughtView,
} from './client';

/** Asked for before anything is shown: nearly every page waits for it. */
export const vocabularyQuery = queryOptions({
  queryKey: ['vocabulary'],
  queryFn: () => answered(api.GET('/api/vocabulary')),
  staleTime: Infinity,
});

export function useVocabulary(): UseQueryResult<Vocabulary> {
  return useQuery(vocabularyQuery);
}

export function useLadder(): UseQueryResult<Ladder> {
  return useQuery({
    queryKey: ['ladder'],
    queryFn: () => answered(api.GET('/api/ladder')),
    staleTime: Infinity,
  });
}

export function useTones(kind: Kind, level: number): UseQueryResult<{ tone: Tone; look: LookView }[]> {
  return useQuery({
    queryKey: ['tones', kind, level],
    queryFn: () => answered(api.GET('/api/tones', { params: { query: { kind, level } } })),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
}

/** Asked anew with every version of the case and on every page: what was done on the last may be what it waited for. */
export function useWay(id: number, version: number, page: string): UseQueryResult<WayView> {
  return useQuery({
    queryKey: ['way', id, version, page],
    queryFn: ({ signal }) => answered(api.GET('/api/cases/{id}/way', { params: { path: { id } }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function useCases(): UseQueryResult<CaseSummary[]> {
  return useQuery({ queryKey: ['cases'], queryFn: () => answered(api.GET('/api/cases')) });
}

/** All routes for one version of a case. */
export function useRoutes(id: number, version: number): UseQueryResult<DecisionView> {
  return useQuery({
    queryKey: ['routes', id, version],
    queryFn: ({ signal }) =>
      answered(api.GET('/api/cases/{id}/routes', { params: { path: { id } }, signal })),
    placeholderData: keepPreviousData,
  });
}

/** What the client is promised of one route. */
export function usePromise(id: number, version: number, route: string): UseQueryResult<PromiseView> {
  return useQuery({
    queryKey: ['promise', id, version, route],
    queryFn: ({ signal }) =>
      answered(api.GET('/api/cases/{id}/promise', { params: { path: { id }, query: { route } }, signal })),
    placeholderData: keepPreviousData,
  });
}

/** The head some weeks after a route: washed out and grown. */
export function useLater(id: number, version: number, route: string): UseQueryResult<LaterView[]> {
  return useQuery({
    queryKey: ['later', id, version, route],
    queryFn: ({ signal }) =>
      answered(api.GET('/api/cases/{id}/later', { params: { path: { id }, query: { route } }, signal })),
  });
}

/** The route by the chosen schools: an answer while the others are still being weighed. */
export function useFirstRoute(id: number, version: number, wanted: boolean): UseQueryResult<RouteView> {
  return useQuery({
    queryKey: ['first-route', id, version],
    queryFn: ({ signal }) =>
      answered(api.GET('/api/cases/{id}/routes/first', { params: { path: { id } }, signal })),
    enabled: wanted,
  });
}

/** One route in full. */
export function useRoutePlan(id: number, version: number, route: string): UseQueryResult<PlanView> {
  return useQuery({
    queryKey: ['plan', id, version, route],
    queryFn: ({ signal }) =>
      answered(api.GET('/api/cases/{id}/plan', { params: { path: { id }, query: { route } }, signal })),
    placeholderData: keepPreviousData,
  });
}

/** The placement belongs to one version of a case, so a change of the case asks for it anew. */
export function usePlacement(id: number, version: number): UseQueryResult<PlacementView> {
  return useQuery({
    queryKey: ['placement', id, version],
    queryFn: ({ signal }) =>
      answered(api.GET('/api/cases/{id}/plan/placement', { params: { path: { id } }, signal })),
    placeholderData: keepPreviousData,
  });
}

/** Foils of a wish as it is changed, before it is saved and planned for. */
export function useWishedFoils(
  id: number,
  wish: CaseFile['wish'],
  asked: boolean,
): UseQueryResult<PlacementView> {
  return useQuery({
    queryKey: ['wished-foils', id, wish],
    queryFn: ({ signal }) =>
      answered(api.POST('/api/cases/{id}/plan/foils', { params: { path: { id } }, body: wish, signal })),
    placeholderData: keepPreviousData,
    enabled: asked,
    // What cannot be wished is said where it was typed.
    retry: false,
    gcTime: 10_000,
  });
}

/** The chosen route on the clock. */
export function useSequence(id: number, version: number): UseQueryResult<SequenceView> {
  return useQuery({
    queryKey: ['sequence', id, version],
    queryFn: ({ signal }) =>
      answered(api.GET('/api/cases/{id}/plan/sequence', { params: { path: { id } }, signal })),
    placeholderData: keepPreviousData,
  });
}

/** @param route its key; empty: the one the visit is worked by */
export function usePlan(id: number, version: number, route = ''): UseQueryResult<PlanView> {
  return useQuery({
    queryKey: ['plan', id, version, route],
    queryFn: ({ signal }) =>
      answered(api.GET('/api/cases/{id}/plan', { params: { path: { id }, query: { route } }, signal })),
    placeholderData: keepPreviousData,
  });
}

/** What lightener can be mixed from. */
export function useLighteners(): UseQueryResult<LightenersView> {
  return useQuery({
    queryKey: ['shelf', 'lighteners'],
    queryFn: () => answered(api.GET('/api/shelf/lighteners')),
  });
}

export function useModelChoices(): UseQueryResult<ModelChoices> {
  return useQuery({
    queryKey: ['model-choices'],
    queryFn: () => answered(api.GET('/api/model/choices')),
    staleTime: Infinity,
  });
}

/** The strands of the last answer stay while the next is computed, so that a slider can be dragged through them. */
export function useModelRun(run: ModelRun): UseQueryResult<ModelView> {
  return useQuery({
    queryKey: ['model-run', run],
    queryFn: ({ signal }) => answered(api.POST('/api/model/run', { body: run, signal })),
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });
}

export function useModelChecks(): UseQueryResult<ModelChecks> {
  return useQuery({ queryKey: ['model-checks'], queryFn: () => answered(api.GET('/api/model/checks')) });
}

export function useDay(date: string): UseQueryResult<DayView> {
  return useQuery({
    queryKey: ['day', date],
    queryFn: () => answered(api.GET('/api/day/{date}', { params: { path: { date } } })),
    placeholderData: keepPreviousData,
    // Two screens stand in a salon: what one of them changed is seen on the other.
    refetchInterval: 20_000,
  });
}

export function useClients(words: string): UseQueryResult<FoundClients> {
  return useQuery({
    queryKey: ['clients', words],
    queryFn: ({ signal }) => answered(api.GET('/api/clients', { params: { query: { words } }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function useClient(id: number): UseQueryResult<ClientView> {
  return useQuery({
    queryKey: ['client', id],
    queryFn: () => answered(api.GET('/api/clients/{id}', { params: { path: { id } } })),
  });
}

/** A case as it is kept, for looking at it from outside. */
export function useCaseAsKept(id: number): UseQueryResult<CaseView> {
  return useQuery({
    queryKey: ['case', id],
    queryFn: () => answered(api.GET('/api/cases/{id}', { params: { path: { id } } })),
  });
}

export function useHouse(): UseQueryResult<HouseSettings> {
  return useQuery({ queryKey: ['house'], queryFn: () => answered(api.GET('/api/house')) });
}

export function useShelf(): UseQueryResult<ShelfView> {
  return useQuery({ queryKey: ['shelf'], queryFn: () => answered(api.GET('/api/shelf')) });
}

/** What the plans of the coming days need and the shelf has not. */
export function useShopping(from: string, days: number): UseQueryResult<ShoppingList> {
  return useQuery({
    queryKey: ['shopping', from, days],
    queryFn: () => answered(api.GET('/api/shelf/shopping', { params: { query: { from, days } } })),
    placeholderData: keepPreviousData,
  });
}

/** The bowls of a visit; assistants weigh on another screen, so it is looked at again and again. */
export function useMix(id: number, version: number): UseQueryResult<MixView> {
  return useQuery({
    queryKey: ['mix', id, version],
    queryFn: () => answered(api.GET('/api/cases/{id}/mix', { params: { path: { id } } })),
    placeholderData: keepPreviousData,
    refetchInterval: 5_000,
  });
}

/** The running job. Whatever happens on another screen is heard of at once; a broken line mends itself. */
const lastOf = (job: JobView): number => job.entries[0]?.number ?? 0;

export function useJob(id: number): UseQueryResult<JobView> {
  const queries = useQueryClient();
  useEffect(() => {
    const line = new EventSource(`/api/cases/${id}/job/live`);
    const again = (): void => void queries.invalidateQueries({ queryKey: ['job', id] });
    line.addEventListener('job', again);
    return () => line.close();
  }, [queries, id]);
  return useQuery({
    queryKey: ['job', id],
    // An answer that was on its way while something was pressed must not put the older picture back.
    queryFn: async ({ signal }) => {
      const told = await answered(api.GET('/api/cases/{id}/job', { params: { path: { id } }, signal }));
      const shown = queries.getQueryData<JobView>(['job', id]);
      return shown && lastOf(shown) > lastOf(told) ? shown : told;
    },
    refetchInterval: 30_000,
    refetchOnReconnect: true,
    placeholderData: keepPreviousData,
  });
}

/** Foils of a running job; they change only with the plan it is worked by. */
export function useJobFoils(id: number, job: JobView): UseQueryResult<JobFoils> {
  return useQuery({
    queryKey: ['job-foils', id, job.tasks.map(({ key }) => key).join()],
    queryFn: ({ signal }) =>
      answered(api.GET('/api/cases/{id}/job/foils', { params: { path: { id } }, signal })),
    enabled: job.tasks.length > 0,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
}

/** How the hair under the clocks that run should look; it changes with them and with what is known of the hair. */
export function useJobHair(id: number, job: JobView): UseQueryResult<DevelopingView[]> {
  return useQuery({
    queryKey: [
      'job-hair',
      id,
      job.clocks.map(({ key, since }) => key + since).join(),
      job.entries[0]?.number,
    ],
    queryFn: ({ signal }) =>
      answered(api.GET('/api/cases/{id}/job/hair', { params: { path: { id } }, signal })),
    enabled: job.clocks.length > 0,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
}

const LOOK_AT_SEARCH_EVERY = 400;

/** How far the search for a shorter order is; looked at while it runs. */
export function useSearchProgress(id: number, version: number): UseQueryResult<SearchProgress> {
  return useQuery({
    queryKey: ['search', id, version],
    queryFn: () => answered(api.GET('/api/cases/{id}/plan/sequence/search', { params: { path: { id } } })),
    refetchInterval: (query) => (query.state.data?.running ? LOOK_AT_SEARCH_EVERY : false),
  });
}

/** Belongs to one version of a case, as the plan does. */
export function useStrandHistory(id: number, version: number): UseQueryResult<StrandHistoryView> {
  return useQuery({
    queryKey: ['strand-history', id, version],
    queryFn: ({ signal }) =>
      answered(api.GET('/api/cases/{id}/strand-history', { params: { path: { id } }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function useStrandTests(id: number, version: number): UseQueryResult<StrandTestsView> {
  return useQuery({
    queryKey: ['strand-tests', id, version],
    queryFn: ({ signal }) =>
      answered(api.GET('/api/cases/{id}/strand-tests', { params: { path: { id } }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function usePhotos(id: number): UseQueryResult<PhotoView[]> {
  return useQuery({
    queryKey: ['photos', id],
    queryFn: () => answered(api.GET('/api/cases/{id}/photos', { params: { path: { id } } })),
  });
}

export function useLookBack(id: number): UseQueryResult<LookBackView> {
  return useQuery({
    queryKey: ['look-back', id],
    queryFn: () => answered(api.GET('/api/cases/{id}/look-back', { params: { path: { id } } })),
  });
}

/** Thought through again with what is known now; it takes a second, so only when it is asked for. */
export function useBetter(id: number, wanted: boolean): UseQueryResult<BetterView> {
  return useQuery({
    queryKey: ['look-back', id, 'better'],
    queryFn: () => answered(api.GET('/api/cases/{id}/look-back/better', { params: { path: { id } } })),
    enabled: wanted,
  });
}

export function useFaded(id: number): UseQueryResult<FadingView> {
  return useQuery({
    queryKey: ['look-back', id, 'faded'],
    queryFn: () => answered(api.GET('/api/cases/{id}/look-back/faded', { params: { path: { id } } })),
  });
}

/** When to come again, and what to do at home. */
export function useAfter(id: number): UseQueryResult<AfterView> {
  return useQuery({
    queryKey: ['after', id],
    queryFn: () => answered(api.GET('/api/cases/{id}/after', { params: { path: { id } } })),
  });
}

/** Past work, in the words a colourist asks with. */
export function usePast(q: string): UseQueryResult<PastFound> {
  return useQuery({
    queryKey: ['past', q],
    queryFn: ({ signal }) => answered(api.GET('/api/past', { params: { query: { q } }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function useLearnedOfClient(id: number): UseQueryResult<TaughtView> {
  return useQuery({
    queryKey: ['learned', id],
    queryFn: () => answered(api.GET('/api/clients/{id}/learned', { params: { path: { id } } })),
  });
}

export function useLearnedOfHouse(wanted: boolean): UseQueryResult<TaughtView> {
  return useQuery({
    queryKey: ['learned', 'house'],
    queryFn: () => answered(api.GET('/api/house/learned')),
    enabled: wanted,
  });
}

/** The safety copies there are. */
export function useCopies(): UseQueryResult<CopiesView> {
  return useQuery({ queryKey: ['copies'], queryFn: () => answered(api.GET('/api/copies')) });
}
