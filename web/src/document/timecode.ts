interface Rate {
  numerator: number;
  denominator: number;
}

/** A time in two lines, minutes and seconds over frames, for the page's margin. */
export function marginTime(frame: number, rate: Rate): [string, string] {
  const [time = '', frames = ''] = timecode(frame, rate).split(' + ');
  return [time, `${Number(frames)} fr`];
}

/** Seconds and frames at the nominal rate, such as 0:01 + 07. */
export function timecode(frame: number, rate: Rate): string {
  const nominal = Math.max(1, Math.round(rate.numerator / rate.denominator));
  const whole = Math.floor(frame + 1e-9);
  const seconds = Math.floor(whole / nominal);
  const rest = String(whole - seconds * nominal).padStart(2, '0');
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')} + ${rest}`;
}
