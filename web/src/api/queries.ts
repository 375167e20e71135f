import { keepPreviousData, useQuery, type UseQueryResult } from '@tanstack/react-query';
import {
  answered,
  api,
  type CaseSummary,
  type ClientView,
  type DayView,
  type DecisionView,
  type FoundClients,
  type HouseSettings,
  type Kind,
  type Ladder,
  type LookView,
  type ModelChecks,
  type ModelChoices,
  type ModelRun,
  type ModelView,
  type PhotoView,
  type PlanView,
  type PromiseView,
  type RouteView,
  type StockView,
  type StrandHistoryView,
  type StrandTestsView,
  type Tone,
  type Vocabulary,
} from './client';

export function useVocabulary(): UseQueryResult<Vocabulary> {
  return useQuery({
    queryKey: ['vocabulary'],
    queryFn: () => answered(api.GET('/api/vocabulary')),
    staleTime: Infinity,
  });
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

export function useCases(): UseQueryResult<CaseSummary[]> {
  return useQuery({ queryKey: ['cases'], queryFn: () => answered(api.GET('/api/cases')) });
}

/** All routes for one version of a case. */
export function useRoutes(id: number, version: number): UseQueryResult<DecisionView> {
  return useQuery({
    queryKey: ['routes', id, version],
    queryFn: () => answered(api.GET('/api/cases/{id}/routes', { params: { path: { id } } })),
    placeholderData: keepPreviousData,
  });
}

/** What the client is promised of one route. */
export function usePromise(id: number, version: number, route: string): UseQueryResult<PromiseView> {
  return useQuery({
    queryKey: ['promise', id, version, route],
    queryFn: () =>
      answered(api.GET('/api/cases/{id}/promise', { params: { path: { id }, query: { route } } })),
    placeholderData: keepPreviousData,
  });
}

/** The route by the chosen schools: an answer while the others are still being weighed. */
export function useFirstRoute(id: number, version: number, wanted: boolean): UseQueryResult<RouteView> {
  return useQuery({
    queryKey: ['first route', id, version],
    queryFn: () => answered(api.GET('/api/cases/{id}/routes/first', { params: { path: { id } } })),
    enabled: wanted,
  });
}

/** One route in full. */
export function useRoutePlan(id: number, version: number, route: string): UseQueryResult<PlanView> {
  return useQuery({
    queryKey: ['plan', id, version, route],
    queryFn: () => answered(api.GET('/api/cases/{id}/plan', { params: { path: { id }, query: { route } } })),
    placeholderData: keepPreviousData,
  });
}

/** The plan belongs to one version of a case, so a change of the case asks for it anew. */
export function usePlan(id: number, version: number): UseQueryResult<PlanView> {
  return useQuery({
    queryKey: ['plan', id, version],
    queryFn: () => answered(api.GET('/api/cases/{id}/plan', { params: { path: { id } } })),
    placeholderData: keepPreviousData,
  });
}

export function useModelChoices(): UseQueryResult<ModelChoices> {
  return useQuery({
    queryKey: ['model choices'],
    queryFn: () => answered(api.GET('/api/model/choices')),
    staleTime: Infinity,
  });
}

/** The strands of the last answer stay while the next is computed, so that a slider can be dragged through them. */
export function useModelRun(run: ModelRun): UseQueryResult<ModelView> {
  return useQuery({
    queryKey: ['model run', run],
    queryFn: ({ signal }) => answered(api.POST('/api/model/run', { body: run, signal })),
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });
}

export function useModelChecks(): UseQueryResult<ModelChecks> {
  return useQuery({ queryKey: ['model checks'], queryFn: () => answered(api.GET('/api/model/checks')) });
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

export function useHouse(): UseQueryResult<HouseSettings> {
  return useQuery({ queryKey: ['house'], queryFn: () => answered(api.GET('/api/house')) });
}

export function useStock(): UseQueryResult<StockView[]> {
  return useQuery({ queryKey: ['stock'], queryFn: () => answered(api.GET('/api/house/stock')) });
}

/** Belongs to one version of a case, as the plan does. */
export function useStrandHistory(id: number, version: number): UseQueryResult<StrandHistoryView> {
  return useQuery({
    queryKey: ['strand history', id, version],
    queryFn: () => answered(api.GET('/api/cases/{id}/strand-history', { params: { path: { id } } })),
    placeholderData: keepPreviousData,
  });
}

export function useStrandTests(id: number, version: number): UseQueryResult<StrandTestsView> {
  return useQuery({
    queryKey: ['strand tests', id, version],
    queryFn: () => answered(api.GET('/api/cases/{id}/strand-tests', { params: { path: { id } } })),
    placeholderData: keepPreviousData,
  });
}

export function usePhotos(id: number): UseQueryResult<PhotoView[]> {
  return useQuery({
    queryKey: ['photos', id],
    queryFn: () => answered(api.GET('/api/cases/{id}/photos', { params: { path: { id } } })),
  });
}
