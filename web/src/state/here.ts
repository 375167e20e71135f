import { queryOptions, useQuery, type UseQueryResult } from '@tanstack/react-query';
import { answered, api, type HereView } from '../api/client';

export const HERE = ['here'];

/** Asked for before anything is shown, since nothing is shown without it. */
export const hereQuery = queryOptions({
  queryKey: HERE,
  queryFn: () => answered(api.GET('/api/people/here')),
  staleTime: Infinity,
});

/** Who sits at this screen, and what may be done here. */
export function useHere(): UseQueryResult<HereView> {
  return useQuery(hereQuery);
}
