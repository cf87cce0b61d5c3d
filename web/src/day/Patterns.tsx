/** Hatches of the day: nobody there, at home but busy, tender. */
export function Patterns() {
  return (
    <defs>
      <pattern id="shade" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="8" height="8" fill="var(--sunk)" />
        <line x1="0" y1="0" x2="0" y2="8" stroke="var(--line)" strokeWidth="3" />
      </pattern>
      <pattern id="busy" width="7" height="7" patternUnits="userSpaceOnUse">
        <rect width="7" height="7" fill="var(--panel)" />
        <circle cx="3.5" cy="3.5" r="1.3" fill="var(--soft)" />
      </pattern>
      <pattern id="tender" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="9" height="9" fill="var(--done-wash)" />
        <line x1="0" y1="0" x2="0" y2="9" stroke="var(--done)" strokeWidth="4" />
      </pattern>
    </defs>
  );
}
