/** Knollwind's sign: two swells of wind over a knoll. */
export function Mark() {
  return (
    <svg className="mark" viewBox="0 0 32 24" role="img" aria-label="Knollwind">
      <path
        d="M2 14c6-12 11-12 16-4s8 4 12-5"
        fill="none"
        stroke="#1d5c80"
        strokeWidth="2.6"
        strokeLinecap="round"
      />
      <path d="M2 21c6-7 14-9 28-6" fill="none" stroke="#22302c" strokeWidth="2.6" strokeLinecap="round" />
    </svg>
  );
}
