import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Scene } from '../api/client';
import type { components } from '../api/generated';

export type Template = Omit<components['schemas']['TemplateView'], 'cover'> & { cover: Scene };

const KEY = ['templates'];

/** All templates, by their names; those of other windows come in now and then. */
export function useTemplates(): Template[] | undefined {
  const { data } = useQuery({
    queryKey: KEY,
    queryFn: async () => {
      const { data } = await api.GET('/api/templates');
      if (!data) throw new Error('The templates cannot be listed.');
      return data as unknown as Template[];
    },
    refetchInterval: 60_000,
  });
  return data;
}

/** Has them asked for anew. */
export function useNewTemplates(): () => void {
  const queries = useQueryClient();
  return () => void queries.invalidateQueries({ queryKey: KEY });
}
