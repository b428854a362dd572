import { useEffect, useRef, useState, type RefObject } from 'react';

/** How large an element is, in px. */
export function useMeasure<T extends HTMLElement>(): [
  RefObject<T | null>,
  { width: number; height: number },
] {
  const element = useRef<T>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useEffect(() => {
    if (!element.current) return;
    const watcher = new ResizeObserver(([entry]) => {
      if (entry) setSize({ width: entry.contentRect.width, height: entry.contentRect.height });
    });
    watcher.observe(element.current);
    return () => watcher.disconnect();
  }, []);
  return [element, size];
}
