import { useQuery } from '@tanstack/react-query';

/** milliseconds of one level */
export const LEVEL = 2;

/** How loud a sound is, every 2 ms, 0 to 255; null where it is not on this machine. */
export function useLevels(sound: string | null | undefined) {
  return useQuery({
    queryKey: ['levels', sound],
    enabled: Boolean(sound),
    staleTime: Infinity,
    retry: false,
    queryFn: async ({ signal }) => {
      const response = await fetch(`/api/sounds/${sound}/levels`, { signal });
      return response.ok ? new Uint8Array(await response.arrayBuffer()) : null;
    },
  });
}
