import { useEffect } from 'react';
import { useDocument } from '../document/store';
import { keep } from './states';

const EVERY_MS = 10 * 60_000;

/** Keeps a state from time to time while there are changes. */
export function useKeeping(): void {
  const id = useDocument((state) => state.id);
  useEffect(() => {
    if (!id) return;
    let last = Date.now();
    const forget = useDocument.subscribe((now, before) => {
      if (now.id !== id || now.base === before.base || now.save !== 'saved' || Date.now() - last < EVERY_MS)
        return;
      last = Date.now();
      // It is tried again after the next change.
      void keep('', false).catch(() => undefined);
    });
    return forget;
  }, [id]);
}
