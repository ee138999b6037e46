import type { PicturePoint } from '@rustic/core';

/** A line in a picture, in shares of it; seen on light and on dark alike. */
export function PictureLine({ along, broken }: { along: readonly PicturePoint[]; broken?: boolean }) {
  const points = along.map(({ x, y }) => `${x},${y}`).join(' ');
  const line = { points, fill: 'none', vectorEffect: 'non-scaling-stroke' } as const;
  return (
    <>
      <polyline {...line} stroke="#fff" strokeWidth="3.5" strokeOpacity="0.8" />
      <polyline {...line} stroke="var(--color-ink)" strokeWidth="1.4" strokeDasharray={broken ? '6 4' : undefined} />
    </>
  );
}
