/** The hatching that tells the phases apart, for ribbons and for the marks on the page. */
export function HatchPatterns() {
  return (
    <svg width="0" height="0" aria-hidden className="patterns">
      <defs>
        <pattern
          id="hatch-arrive"
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="7" height="7" fill="#cfdfe8" />
          <line x1="0" y1="0" x2="0" y2="7" stroke="#1d5c80" strokeWidth="4" />
        </pattern>
        <pattern
          id="hatch-leave"
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(-45)"
        >
          <rect width="7" height="7" fill="#cfdfe8" />
          <line x1="0" y1="0" x2="0" y2="7" stroke="#1d5c80" strokeWidth="4" />
        </pattern>
      </defs>
    </svg>
  );
}
