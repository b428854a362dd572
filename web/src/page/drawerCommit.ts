import { createContext, useCallback, useContext } from 'react';
import type { Operation } from '../api/client';
import { useDocument } from '../document/store';

/** The drawer that controls stand in, so that what they do can be told apart and taken back. */
export const DrawerOrigin = createContext<string | undefined>(undefined);

/** Commits changes as those of the drawer that the control stands in. */
export function useCommit(): (operations: Operation[], merge?: string) => void {
  const origin = useContext(DrawerOrigin);
  const commit = useDocument((state) => state.commit);
  return useCallback(
    (operations: Operation[], merge?: string) => commit(operations, merge, origin),
    [commit, origin],
  );
}
