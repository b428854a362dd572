/** What of a key press says how far it goes. */
interface Pressed {
  key: string;
  shiftKey: boolean;
  altKey: boolean;
}

/** How many steps one press or drag is: ten with Shift, a tenth with Alt. */
export const stepsOf = (event: Pick<Pressed, 'shiftKey' | 'altKey'>) =>
  event.shiftKey ? 10 : event.altKey ? 0.1 : 1;

const ARROWS: Record<string, readonly [number, number] | undefined> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** How far an arrow key moves what has the focus, in steps to the right and down; null for other keys and with Ctrl. */
export function arrowOf(
  event: Pressed & { ctrlKey: boolean; metaKey: boolean },
): { x: number; y: number } | null {
  const way = event.ctrlKey || event.metaKey ? undefined : ARROWS[event.key];
  if (!way) return null;
  const steps = stepsOf(event);
  return { x: way[0] * steps, y: way[1] * steps };
}
