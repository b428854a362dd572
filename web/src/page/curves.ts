const rounded = (value: number) => Number(value.toFixed(3));

/** A cubic Bézier in CSS notation; its points stay between begin and end in time, and near them in value. */
export function bezierText(x1: number, y1: number, x2: number, y2: number): string {
  const time = (x: number) => rounded(Math.max(0, Math.min(1, x)));
  const value = (y: number) => rounded(Math.max(-1, Math.min(2, y)));
  return `cubic-bezier(${time(x1)}, ${value(y1)}, ${time(x2)}, ${value(y2)})`;
}

/** The ladder with one rung moved, as the points of linear(); frames are evenly apart, so no times are said. */
export function ladderText(ladder: number[], index: number, value: number): string {
  const values = ladder.map((rung, i) => rounded(i === index ? Math.max(-1, Math.min(2, value)) : rung));
  return `linear(${values.join(', ')})`;
}
