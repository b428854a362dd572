import { useEffect } from 'react';
import { create } from 'zustand';
import type { ExportView } from '../api/client';
import { useDocument } from './store';

/** The exports of the open project, as they are told. */
export const useExports = create<{ exports: ExportView[] }>(() => ({ exports: [] }));

const heard = (event: Event): unknown => JSON.parse((event as MessageEvent<string>).data);

/** Hears what others do to the project, while the window is in sight: a browser has few streams to one address. */
export function useWatch(project: string): void {
  useEffect(() => {
    if (!project) return;
    let events: EventSource | null = null;
    const listen = () => {
      if (document.visibilityState === 'hidden') {
        events?.close();
        events = null;
      } else if (!events) {
        events = new EventSource(`/api/projects/${project}/events`);
        events.addEventListener('revision', (event) =>
          useDocument.getState().heard(project, heard(event) as number),
        );
        events.addEventListener('exports', (event) =>
          useExports.setState({ exports: heard(event) as ExportView[] }),
        );
      }
    };
    listen();
    document.addEventListener('visibilitychange', listen);
    return () => {
      document.removeEventListener('visibilitychange', listen);
      events?.close();
      useExports.setState({ exports: [] });
    };
  }, [project]);
}
