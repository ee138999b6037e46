import { useRef } from 'react';
import { cornersRefused, intoPicture, type PatchSetting, type PicturePoint } from '@rustic/core';
import { CORNERS, EDGES, withEdge } from './setting.ts';
import { ShownPicture } from '../photos/ShownPicture.tsx';
import { Handle } from '../drawing/Handle.tsx';
import { PictureLine } from '../drawing/PictureLine.tsx';

interface Props {
  file: Blob;
  setting: PatchSetting;
  /** How many patches lie side by side. */
  count: number;
  onSet: (setting: PatchSetting) => void;
}

/** A picture of patches with what is set in it: their four corners, and where the strong colour runs. */
export function SetPicture({ file, setting, count, onSet }: Props) {
  const picture = useRef<HTMLDivElement>(null);
  const into = cornersRefused(setting.corners) ? null : intoPicture(setting.corners);
  const { corners } = setting;
  const { from, to } = setting.band;
  return (
    <div ref={picture} className="relative w-full max-w-[640px] select-none overflow-hidden border border-strong">
      <ShownPicture file={file} words="The patches, as photographed" />
      <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden className="absolute inset-0 h-full w-full">
        <PictureLine along={[...CORNERS, CORNERS[0]!].map(({ name }) => corners[name])} />
        {into && (
          <>
            {Array.from({ length: count - 1 }, (_, i) => (i + 1) / count).map((at) => (
              <PictureLine key={at} along={[into(at, 0), into(at, 1)]} />
            ))}
            <PictureLine along={[into(0, from), into(1, from)]} broken />
            <PictureLine along={[into(0, to), into(1, to)]} broken />
          </>
        )}
      </svg>
      {into &&
        Array.from({ length: count }, (_, i) => (
          <span
            key={i}
            aria-hidden
            className="absolute -translate-x-1/2 rounded bg-leaf px-1.5 text-sm font-semibold"
            style={placed(into((i + 0.5) / count, 0.04))}
          >
            {i + 1}
          </span>
        ))}
      {CORNERS.map(({ name, words }) => (
        <Handle
          key={name}
          words={`${words} corner of the patches`}
          at={corners[name]}
          picture={picture}
          look="corner"
          onMove={(at) => onSet({ ...setting, corners: { ...corners, [name]: at } })}
        />
      ))}
      {into &&
        EDGES.map(({ edge, words }) => (
          <Handle
            key={edge}
            words={`${words} edge of the strong colour`}
            at={into(0.5, setting.band[edge])}
            picture={picture}
            look="edge"
            onMove={(at) => onSet(withEdge(setting, edge, at))}
          />
        ))}
    </div>
  );
}

const placed = ({ x, y }: PicturePoint) => ({ left: `${x * 100}%`, top: `${y * 100}%` });
