const QUIET_MS = 1500;

/**
 * Fetches the shipped families one by one while nothing else goes on, so that a chooser of families opens with all of them
 * drawn. Fallback faces, which are large, come when they are needed.
 */
export function warmFaces(): () => void {
  let gone = false;
  const timer = setTimeout(() => void fetchAll(), QUIET_MS);
  const fetchAll = async () => {
    const families = new Set([...document.fonts].map((face) => face.family));
    for (const family of families) {
      if (gone) return;
      if (!family.includes('fallback'))
        await document.fonts.load(`16px "${family.replaceAll('"', '')}"`, 'A').catch(() => null);
    }
  };
  return () => {
    gone = true;
    clearTimeout(timer);
  };
}
