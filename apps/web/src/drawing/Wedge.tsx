import type { Chemistry } from '@rustic/core';

/** The colour of each chemistry, wherever it dries. */
export const CHEMISTRY_HUE: Record<Chemistry, string> = {
  waterborne: 'var(--color-indigo)',
  'solvent-borne': 'var(--color-umber)',
  'alcohol-borne': 'var(--color-shellac)',
  'two-part': 'var(--color-faded)',
};

/** A coat running down to nothing: how far it has come. */
export function Wedge({ chemistry, share }: { chemistry: Chemistry; share: number }) {
  const x = 4 + 92 * share;
  return (
    <svg
      viewBox="0 0 100 26"
      width="100"
      height="26"
      role="img"
      aria-label={`${Math.round(share * 100)} % of the way to open`}
      className="shrink-0"
    >
      <path d="M4 3C24 14 55 21 96 22H4Z" fill={CHEMISTRY_HUE[chemistry]} fillOpacity=".55" />
      <path d="M4 23.5H96" stroke="var(--color-strong)" />
      <path d={`M${x} 1l1.5 4-3 4 3 4-3 4 1.5 4V25`} fill="none" stroke="var(--color-ink)" strokeWidth="1.2" />
    </svg>
  );
}
