import { useQuery, type UseQueryResult } from '@tanstack/react-query';
import { answered, api, type HereView } from '../api/client';

export const HERE = ['here'];

/** Who sits at this screen, and what may be done here. */
export function useHere(): UseQueryResult<HereView> {
  return useQuery({
    queryKey: HERE,
    queryFn: () => answered(api.GET('/api/people/here')),
    staleTime: Infinity,
  });
}
