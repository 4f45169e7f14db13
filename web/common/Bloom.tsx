/** The mark. */
export function Bloom() {
  return (
    <svg viewBox="0 0 32 32" width="20" height="20" aria-hidden="true">
      <g fill="currentColor">
        <circle cx="16" cy="8" r="5.2" />
        <circle cx="22.9" cy="12" r="5.2" />
        <circle cx="22.9" cy="20" r="5.2" />
        <circle cx="16" cy="24" r="5.2" />
        <circle cx="9.1" cy="20" r="5.2" />
        <circle cx="9.1" cy="12" r="5.2" />
      </g>
      <circle cx="16" cy="16" r="2.6" fill="var(--card)" />
    </svg>
  );
}
