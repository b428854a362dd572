import { useQuery } from '@tanstack/react-query';
import { api, type FrameShape } from '../api/client';

const NONE: FrameShape[] = [];

/** The shapes of frames that have a name. */
export function useFrameShapes(): FrameShape[] {
  const { data = NONE } = useQuery({
    queryKey: ['frame-shapes'],
    queryFn: async () => (await api.GET('/api/frame-shapes')).data ?? NONE,
    staleTime: Infinity,
  });
  return data;
}
