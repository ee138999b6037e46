import { median } from 'd3-array';
import type { PatchSetting, PatchShows } from '../model/records/index.ts';
import { ciede2000Of, labOfLight } from '../units/colour.ts';
import { cornersRefused, intoPicture } from './corners.ts';
import { sampler, type Light, type Picture, type PictureUnread, type Sampled } from './picture.ts';

/** Read side by side within each patch. */
const PLACES = 12;
/** A patch is read within these shares of its width: its edges run into its neighbours. */
const WITHIN = [0.14, 0.86] as const;
/** Of the width of the band: what is left out at its edge, where the colour fades, and how far beside it is read. */
const EDGE = 0.12;
const BESIDE = 0.7;
/** Less plain ground than this, of the height of the patches, is none. */
const LEAST_BESIDE = 0.03;
const STEPS = { along: 8, down: 40 };
/** With more than this share burnt out or in the dark a place says nothing. */
const MOST_LOST = 0.25;
/** No camera tells colours apart more finely than this. */
const LEAST_DOUBT = 0.08;
/** What a primer beside the band is taken to send back, so that light and exposure fall out. */
const PRIMER_LIGHT = 0.8;

/** What shows through each patch of a picture, from left to right; or why it cannot be read, and what to do. */
export function readPatchPicture(picture: Picture, setting: PatchSetting, count: number): PatchShows[] | PictureUnread {
  const refused = cornersRefused(setting.corners);
  if (refused) return { unread: refused };
  const zones = zonesOf(setting.band);
  if (!zones) return { unread: 'Leave plain ground above or below the strong colour: it is what it is held against.' };
  const to = intoPicture(setting.corners);
  const read: PatchShows[] = [];
  for (let patch = 0; patch < count; patch += 1) {
    const places = Array.from({ length: PLACES }, (_, i) => {
      const at = (share: number) => (patch + WITHIN[0] + (WITHIN[1] - WITHIN[0]) * share) / count;
      const [left, right] = [at(i / PLACES), at((i + 1) / PLACES)];
      const band = sampled(picture, to, left, right, zones.band);
      return { band, beside: zones.beside.map((zone) => sampled(picture, to, left, right, zone)) };
    });
    const shows = showsThrough(places);
    if ('unread' in shows) return shows;
    read.push(shows);
  }
  return read;
}

type Zone = readonly [from: number, to: number];

function zonesOf({ from, to }: PatchSetting['band']): { band: Zone; beside: Zone[] } | null {
  const wide = to - from;
  if (wide < LEAST_BESIDE) return null;
  const above: Zone = [Math.max(0, from - BESIDE * wide), from - EDGE * wide];
  const below: Zone = [to + EDGE * wide, Math.min(1, to + BESIDE * wide)];
  const beside = [above, below].filter(([start, end]) => end - start >= LEAST_BESIDE);
  return beside.length ? { band: [from + EDGE * wide, to - EDGE * wide], beside } : null;
}

function sampled(
  picture: Picture,
  to: ReturnType<typeof intoPicture>,
  left: number,
  right: number,
  [top, bottom]: Zone,
): Sampled {
  const taken = sampler(picture);
  for (let i = 0; i < STEPS.along; i += 1)
    for (let j = 0; j < STEPS.down; j += 1) {
      const along = left + ((right - left) * (i + 0.5)) / STEPS.along;
      const down = top + ((bottom - top) * (j + 0.5)) / STEPS.down;
      taken.at(to(along, down));
    }
  return taken.read();
}

function showsThrough(places: readonly { band: Sampled; beside: Sampled[] }[]): PatchShows | PictureUnread {
  const lost = (of: 'burnt' | 'dark') => places.filter((p) => [p.band, ...p.beside].some((s) => s[of] > MOST_LOST));
  const [burnt, dark] = [lost('burnt'), lost('dark')];
  const told = places.filter((p) => !burnt.includes(p) && !dark.includes(p));
  if (told.length < PLACES / 2)
    return {
      unread:
        burnt.length >= dark.length
          ? 'The patches are burnt out white in this picture: what shows through is lost. Take it again without flash or glare, a little darker.'
          : 'The patches lie in the dark in this picture. Take it again with more light.',
    };
  const ratios = told.map(({ band, beside }) => ratioOf(band.light, meanLight(beside)));
  const typical = [0, 1, 2].map((i) => median(ratios, (r) => r[i])!) as Light;
  const asLab = (ratio: Light) => labOfLight(ratio.map((part) => part * PRIMER_LIGHT) as Light);
  const plain = asLab([1, 1, 1]);
  const spread = median(ratios, (r) => ciede2000Of(asLab(r), asLab(typical)))!;
  return {
    difference: ciede2000Of(asLab(typical), plain),
    // Of a normal error the median distance is about two thirds of its standard deviation.
    doubt: Math.hypot(LEAST_DOUBT, (1.48 * spread) / Math.sqrt(told.length)),
    worst: Math.max(...ratios.map((r) => ciede2000Of(asLab(r), plain))),
  };
}

const meanLight = (beside: readonly Sampled[]): Light =>
  [0, 1, 2].map((i) => beside.reduce((sum, s) => sum + s.light[i]!, 0) / beside.length) as Light;

/** What the band sends back of what the same primer beside it does. */
const ratioOf = (band: Light, beside: Light): Light =>
  band.map((part, i) => part / Math.max(1e-4, beside[i]!)) as Light;
