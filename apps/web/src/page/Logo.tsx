/** The firm's mark: a section through the paint, with the saw-tooth where preparation bites. */
export function Mark() {
  return (
    <svg viewBox="0 0 28 28" width="28" height="28" aria-hidden className="inline-block">
      <rect width="28" height="5.6" fill="#22384d" />
      <path
        d="M0 11.6l3.5-4 3.5 4 3.5-4 3.5 4 3.5-4 3.5 4 3.5-4 3.5 4"
        fill="none"
        stroke="#98382c"
        strokeWidth="1.6"
      />
      <rect y="13.4" width="28" height="5.6" fill="#6b4a34" />
      <rect y="20" width="28" height="8" fill="#d9b88a" />
    </svg>
  );
}
