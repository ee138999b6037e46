import { useId } from 'react';
import { scaleSqrt } from 'd3-scale';
import { FAULT_LABELS, type Fault, type Bond, type FaultPlace, type Layer } from '@rustic/core';
import { FailureMark } from './FailureMark.tsx';
import { useWords } from '../words/Words.tsx';
import { useMeasures } from '../words/useMeasures.ts';

/** What each chemistry is drawn as, besides its colour: hairlines, dots, fine diagonals, stipple. */
const PLAIN: Record<string, string> = {
  waterborne: '#b9c3d6',
  'solvent-borne': '#8a6a50',
  'alcohol-borne': '#d8ab63',
  'two-part': '#cfcabd',
  clear: '#dfbd85',
};
const GROUNDS: Record<string, string> = {
  timber: '#d9b88a',
  plaster: '#e7e1d3',
  laminate: '#d8d2c4',
  paper: '#e6d9bf',
  masonry: '#c9a48d',
  metal: '#aab0b3',
  hard: '#c5d3d3',
};

const dark = (colour: string) => {
  const n = Number.parseInt(colour.slice(1), 16);
  return 0.299 * (n >> 16) + 0.587 * ((n >> 8) & 255) + 0.114 * (n & 255) < 128;
};

/** Films are thin beside what they lie on: their thickness is drawn compressed. */
const height = scaleSqrt().domain([0, 100]).range([16, 52]);

export interface Piece {
  layer: Layer;
  y: number;
  h: number;
  fill: string;
}

function pieces(layers: readonly Layer[], substrateH: number): { drawn: Piece[]; total: number } {
  let y = 0;
  const drawn = [...layers].reverse().map((layer): Piece => {
    const h = layer.role === 'substrate' ? substrateH : layer.role === 'preparation' ? 30 : height(layer.um ?? 25);
    const fill =
      layer.role === 'substrate'
        ? GROUNDS[layer.ground ?? 'plaster']!
        : (layer.colour ?? PLAIN[layer.chemistry ?? 'waterborne']!);
    const piece = { layer, y, h, fill };
    y += h + 2;
    return piece;
  });
  return { drawn, total: y };
}

const OUTLINE = {
  found: { dash: 'none', opacity: 1 },
  inferred: { dash: '2 2.5', opacity: 0.72 },
  laid: { dash: 'none', opacity: 1 },
  'to-come': { dash: '7 3', opacity: 0.93 },
} as const;
const BONDS = { sound: ', holds', weak: ', holds weakly', gone: ', lets go' } as const;
const STANDING = { found: 'found by a test', inferred: 'inferred', laid: 'laid', 'to-come': 'to come' } as const;

function Patterns({ id }: { id: string }) {
  return (
    <defs>
      <pattern id={`${id}-waterborne`} width="8" height="5" patternUnits="userSpaceOnUse">
        <path d="M0 2.5h8" stroke="#fff" strokeOpacity=".5" strokeWidth=".9" />
      </pattern>
      <pattern id={`${id}-solvent-borne`} width="7" height="7" patternUnits="userSpaceOnUse">
        <circle cx="1.6" cy="1.6" r=".9" fill="#3b2413" fillOpacity=".38" />
        <circle cx="5.1" cy="5.1" r=".9" fill="#3b2413" fillOpacity=".38" />
      </pattern>
      <pattern id={`${id}-clear`} width="5" height="5" patternUnits="userSpaceOnUse">
        <path d="M0 5L5 0" stroke="#6b4a1c" strokeOpacity=".5" strokeWidth=".7" />
      </pattern>
      <pattern id={`${id}-alcohol-borne`} width="6" height="5" patternUnits="userSpaceOnUse">
        <path d="M1 1h.9M4 3h.9M2 4.2h.9M5 .6h.6" stroke="#3a2405" strokeOpacity=".6" strokeWidth="1" />
      </pattern>
      <pattern id={`${id}-two-part`} width="6" height="6" patternUnits="userSpaceOnUse">
        <path d="M3 0v6M0 3h6" stroke="#554" strokeOpacity=".25" strokeWidth=".6" />
      </pattern>
      <pattern id={`${id}-timber`} width="110" height="17" patternUnits="userSpaceOnUse">
        <path
          d="M0 6c20-5 34 5 55 1s36 3 55-1M0 14c30 4 50-4 80 0 12 2 20 1 30 0"
          fill="none"
          stroke="#a97d48"
          strokeOpacity=".75"
          strokeWidth="1"
        />
      </pattern>
      <pattern id={`${id}-masonry`} width="44" height="24" patternUnits="userSpaceOnUse">
        <path d="M0 0h44M0 12h44M11 0v12M33 12v12" stroke="#8a6450" strokeOpacity=".6" />
      </pattern>
      <pattern id={`${id}-plaster`} width="13" height="11" patternUnits="userSpaceOnUse">
        <path d="M2 3h1.2M8 7h1.2M11 2h.8M5 9h.8" stroke="#8d8371" strokeOpacity=".7" />
      </pattern>
      <pattern id={`${id}-flat`} width="14" height="9" patternUnits="userSpaceOnUse">
        <path d="M0 8h14" stroke="#7d786c" strokeOpacity=".3" />
      </pattern>
    </defs>
  );
}

const shortened = (words: string) => (words.length > 34 ? `${words.slice(0, 33)}…` : words);

const TOOTH = (w: number, y: number) =>
  Array.from({ length: Math.ceil(w / 10) + 1 }, (_, i) => `${i ? 'L' : 'M'}${i * 10} ${y + (i % 2 ? -5 : 5)}`).join('');

interface Props {
  layers: readonly Layer[];
  /** A fault that would come, drawn where it sits. */
  fails?: { fault: Fault; where: FaultPlace } | null;
  width?: number;
  /** What it lies on is drawn low: where several stand under one another. */
  low?: boolean;
}

/** The stack of layers from the substrate up, each as it is known, with its words. */
export function Section({ layers, fails = null, width = 230, low = false }: Props) {
  const { inOurWords } = useWords();
  const { film } = useMeasures();
  const id = useId();
  const { drawn, total } = pieces(layers, low ? 44 : 150);
  const words = [...layers]
    .reverse()
    .map((l) => `${l.words}${l.detail ? `, ${l.detail}` : ''}: ${STANDING[l.standing]}${l.bond ? BONDS[l.bond] : ''}`)
    .join('; ');
  return (
    <svg
      viewBox={`0 0 ${width} ${total}`}
      width={width}
      height={total}
      role="img"
      aria-label={`Section through the paint, top first. ${words}${fails ? `. It ${FAULT_LABELS[fails.fault]}` : ''}`}
      className="block max-w-full font-sans"
    >
      <Patterns id={id} />
      {drawn.map(({ layer, y, h, fill }) => {
        if (layer.role === 'preparation')
          return (
            <g key={layer.id}>
              <path d={TOOTH(width, y + 12)} fill="none" stroke="var(--color-madder)" strokeWidth="1.5" />
              <text x={width} y={y + 28} textAnchor="end" fontSize="12.5" fontStyle="italic" fill="var(--color-madder)">
                {layer.words}
              </text>
            </g>
          );
        const ground = layer.role === 'substrate';
        const pattern = ground
          ? ['timber', 'masonry', 'plaster'].includes(layer.ground ?? '')
            ? layer.ground
            : 'flat'
          : layer.chemistry;
        const ink = dark(fill) ? '#fff' : '#26211c';
        const line = OUTLINE[layer.standing];
        const small = h < 34;
        return (
          <g key={layer.id} opacity={line.opacity}>
            <rect x=".75" y={y + 0.75} width={width - 1.5} height={h - 1.5} fill={fill} />
            {pattern && (
              <rect x=".75" y={y + 0.75} width={width - 1.5} height={h - 1.5} fill={`url(#${id}-${pattern})`} />
            )}
            <rect
              x=".75"
              y={y + 0.75}
              width={width - 1.5}
              height={h - 1.5}
              fill="none"
              stroke={layer.standing === 'found' || layer.standing === 'laid' ? '#6f5f49' : '#7d6b52'}
              strokeWidth="1.3"
              strokeDasharray={line.dash}
            />
            <text
              x="10"
              y={y + (ground ? 19 : small ? h / 2 + 4.5 : 19)}
              fontSize={layer.words.length > 28 ? 12 : 13.5}
              fontWeight="650"
              fill={ink}
              paintOrder="stroke"
              stroke={fill}
              strokeWidth="3.5"
              strokeLinejoin="round"
            >
              {shortened(inOurWords(layer.words))}
            </text>
            {layer.detail && (
              <text
                x="10"
                y={y + 35}
                fontSize="12.5"
                fill={ink}
                paintOrder="stroke"
                stroke={fill}
                strokeWidth="3.5"
                strokeLinejoin="round"
              >
                {layer.detail}
              </text>
            )}
            {layer.um !== null && layer.stepId && layer.words.length < 22 && (
              <text
                x={width - 9}
                y={y + (small ? h / 2 + 4.5 : 19)}
                textAnchor="end"
                fontSize="12"
                fill={ink}
                paintOrder="stroke"
                stroke={fill}
                strokeWidth="3"
              >
                {film.say(layer.um)} {film.unit}
              </text>
            )}
          </g>
        );
      })}
      {drawn.map(({ layer, y, h }) =>
        layer.bond && layer.bond !== 'sound' ? (
          <BondMark key={`bond-${layer.id}`} bond={layer.bond} y={y + h + 1} width={width} />
        ) : null,
      )}
      {fails && <FailureMark {...fails} pieces={drawn} width={width} />}
    </svg>
  );
}

/** A bond that is weak is drawn as red dashes, one that let go as an open red seam. */
function BondMark({ bond, y, width }: { bond: Bond; y: number; width: number }) {
  const gone = bond === 'gone';
  return (
    <g>
      {gone && <path d={`M0 ${y}h${width}`} stroke="var(--color-paper)" strokeWidth="9" />}
      <path
        d={gone ? `M0 ${y - 4}h${width}M0 ${y + 4}h${width}` : `M0 ${y}h${width}`}
        stroke="var(--color-madder)"
        strokeWidth={gone ? 2.2 : 2.6}
        strokeDasharray={gone ? 'none' : '9 6'}
      />
    </g>
  );
}

/** The same drawing as the icon of a surface, 24 px tall. */
export function SectionIcon({ layers }: { layers: readonly Layer[] }) {
  const films = [...layers]
    .reverse()
    .filter((l) => l.role === 'film')
    .slice(0, 5);
  const ground = layers.find((l) => l.role === 'substrate');
  const each = Math.min(4, 15 / Math.max(1, films.length));
  return (
    <svg viewBox="0 0 24 24" width="24" height="24" aria-hidden className="inline-block shrink-0">
      {films.map((l, i) => (
        <rect
          key={l.id}
          x=".5"
          y={1 + i * each}
          width="23"
          height={each - 0.6}
          fill={l.colour ?? PLAIN[l.chemistry ?? 'waterborne']}
          stroke="#6f5f49"
          strokeWidth=".5"
          strokeDasharray={l.standing === 'to-come' ? '3 1.5' : l.standing === 'inferred' ? '1 1' : 'none'}
        />
      ))}
      <rect
        x=".5"
        y={1 + films.length * each}
        width="23"
        height={22 - films.length * each}
        fill={GROUNDS[ground?.ground ?? 'plaster']}
        stroke="#6f5f49"
        strokeWidth=".5"
      />
    </svg>
  );
}
