import type { Corners } from '@rustic/core';
import { PictureLine } from './PictureLine.tsx';

/** The outline between four corners in a picture. */
export const CornerLines = ({ corners }: { corners: Corners }) => (
  <svg
    viewBox="0 0 1 1"
    preserveAspectRatio="none"
    aria-hidden
    className="pointer-events-none absolute inset-0 h-full w-full"
  >
    <PictureLine
      along={[corners.topLeft, corners.topRight, corners.bottomRight, corners.bottomLeft, corners.topLeft]}
    />
  </svg>
);
