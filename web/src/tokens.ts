/** The colours of the paper side: the theme's and the styles' one source. Styles know them as variables of the same names. */
export const tokens = {
  ground: '#f5f0e4',
  page: '#faf6ec',
  lines: '#d8cfba',
  ink: '#22302c',
  quiet: '#5c6862',
  room: '#242424',
  sea: '#1d5c80',
  amber: '#8f5c0c',
} as const;

export function spreadTokens(root: HTMLElement) {
  Object.entries(tokens).forEach(([name, colour]) => root.style.setProperty(`--${name}`, colour));
}
