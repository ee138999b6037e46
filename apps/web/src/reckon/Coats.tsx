import {
  coverage,
  dryFilm,
  LITRES_A_GALLON,
  mixFor,
  readVolume,
  sayVolume,
  tinsForNeed,
  wetFilm,
  readArea,
} from '@rustic/core';
import { useSight } from '../store/store.ts';
import { Card, useTyped } from './Card.tsx';
import { figure } from './figure.ts';
import { Typed } from '../form/atOnce.tsx';
import { useMeasures } from '../words/useMeasures.ts';

const INK = 'var(--color-ink)';

/** How much an area takes. */
export function Coverage() {
  const { units, spread: covers } = useMeasures();
  const first = { area: units === 'us' ? '430' : '40', coats: '2', spread: covers.say(11), waste: '10' };
  const [t, type] = useTyped(`coverage/${units}`, first);
  const [area, coats, waste] = [readArea(t.area, units), figure(t.coats), figure(t.waste)];
  const spread = figure(t.spread) && covers.read(t.spread);
  const made = area && coats && spread && waste !== null ? coverage(area, coats, spread, waste) : null;
  return (
    <Card
      answer={made && sayVolume(made.answer, units)}
      formula={made && made.formula}
      drawing={
        made && (
          <Squares
            amount={units === 'us' ? made.answer / LITRES_A_GALLON : made.answer}
            one={units === 'us' ? 'gallon' : 'litre'}
          />
        )
      }
    >
      <Typed words={units === 'us' ? 'Area, sq ft' : 'Area, m²'} value={t.area} onType={type('area')} />
      <Typed words="Coats" value={t.coats} onType={type('coats')} />
      <Typed words={`It covers, ${covers.unit}`} value={t.spread} onType={type('spread')} />
      <Typed words="Waste, %" value={t.waste} onType={type('waste')} />
    </Card>
  );
}

/** A square for each litre or gallon, the last as full as it is. */
function Squares({ amount, one }: { amount: number; one: string }) {
  const shown = Math.min(60, Math.ceil(amount));
  return (
    <svg
      viewBox={`0 0 640 ${Math.ceil(shown / 20) * 32}`}
      className="block w-full"
      role="img"
      aria-label={`${amount.toFixed(1)} ${one}s, a square for each`}
    >
      {Array.from({ length: shown }, (_, i) => {
        const full = Math.min(1, amount - i);
        const [x, y] = [(i % 20) * 32, Math.floor(i / 20) * 32];
        return (
          <g key={i}>
            <rect
              x={x + 2}
              y={y + 2 + 26 * (1 - full)}
              width="26"
              height={26 * full}
              fill="var(--color-indigo)"
              fillOpacity=".6"
            />
            <rect x={x + 2} y={y + 2} width="26" height="26" fill="none" stroke="var(--color-strong)" />
          </g>
        );
      })}
    </svg>
  );
}

const readSizes = (text: string) =>
  text.split(/[;\n]/).flatMap((part) => {
    const [size, price] = part.split(/\s+at\s+|\s*=\s*/);
    const litres = readVolume(size ?? '');
    const money = figure((price ?? '').replace(/[^\d.,]/g, ''));
    return litres && money !== null ? [{ litres, price: Math.round(money * 100) }] : [];
  });

/** The cheapest tins that hold a need. */
export function Tins() {
  const units = useSight((s) => s.units);
  const [t, type] = useTyped(`tins/${units}`, {
    need: units === 'us' ? '2 gal' : '7.3',
    sizes: '1 at 19; 2.5 at 41; 5 at 76',
  });
  const need = readVolume(t.need, units === 'us' ? 'gal' : 'l');
  const sizes = readSizes(t.sizes);
  const made = need && sizes.length ? tinsForNeed(need, sizes) : null;
  const tins = made?.answer.tins.flatMap((tin) => Array.from({ length: Math.min(tin.count, 12) }, () => tin)) ?? [];
  const largest = Math.max(1, ...tins.map((x) => x.litres));
  return (
    <Card
      answer={
        made &&
        `${made.answer.tins.map((x) => `${x.count} × ${sayVolume(x.litres, units)}`).join(' and ')}, ${(made.answer.cost / 100).toFixed(2)}`
      }
      formula={made && made.formula}
      drawing={
        <svg viewBox="0 0 640 92" className="block w-full" role="img" aria-label="The tins, by size">
          {tins.slice(0, 12).map((tin, i) => {
            const h = 26 + 58 * Math.sqrt(tin.litres / largest);
            return (
              <g key={i}>
                <rect x={i * 52 + 4} y={88 - h} width="42" height={h} fill="var(--color-tab)" stroke={INK} />
                <path d={`M${i * 52 + 4} ${94 - h}h42`} stroke={INK} />
                <text x={i * 52 + 25} y="80" textAnchor="middle" fontSize="11" fill={INK}>
                  {Number(tin.litres.toFixed(2))}
                </text>
              </g>
            );
          })}
        </svg>
      }
    >
      <Typed words="Needed" value={t.need} onType={type('need')} />
      <Typed words="Sizes with their price" value={t.sizes} onType={type('sizes')} width="w-72" />
    </Card>
  );
}

/** A two-part mix by volume. */
export function Mix() {
  const units = useSight((s) => s.units);
  const [t, type] = useTyped('mix', { pot: '0.75', base: '2', hardener: '1' });
  const [pot, base, hardener] = [readVolume(t.pot), figure(t.base), figure(t.hardener)];
  const made = pot && base && hardener ? mixFor(pot, base, hardener) : null;
  const share = base && hardener ? base / (base + hardener) : 0;
  return (
    <Card
      answer={
        made && `${sayVolume(made.answer.baseL, units)} of base, ${sayVolume(made.answer.hardenerL, units)} of hardener`
      }
      formula={made && made.formula}
      drawing={
        <svg
          viewBox="0 0 640 120"
          className="block w-full"
          role="img"
          aria-label="The pot, filled to the mark and then to the top"
        >
          <rect
            x="8"
            y={8 + 104 * (1 - share)}
            width="110"
            height={104 * share}
            fill="var(--color-faded)"
            fillOpacity=".45"
          />
          <rect x="8" y="8" width="110" height={104 * (1 - share)} fill="var(--color-shellac)" fillOpacity=".5" />
          <path d="M8 4V112H118V4" fill="none" stroke={INK} strokeWidth="1.4" />
          <text x="130" y={64 + 52 * (1 - share)} fontSize="14" fill={INK}>
            base to here first
          </text>
          <text x="130" y={14 + 52 * (1 - share)} fontSize="14" fill={INK}>
            then hardener
          </text>
        </svg>
      }
    >
      <Typed words="Into a pot of" value={t.pot} onType={type('pot')} />
      <Typed words="Parts of base" value={t.base} onType={type('base')} />
      <Typed words="Parts of hardener" value={t.hardener} onType={type('hardener')} />
    </Card>
  );
}

/** What is left of a wet film, or how wet it must be laid. */
export function Films() {
  const { film, inUnits } = useMeasures();
  const [t, type] = useTyped(`films/${film.unit}`, { wet: film.say(100), dry: '', solids: '38', thinned: '0' });
  const [solids, thinned] = [figure(t.solids), figure(t.thinned)];
  const dry = figure(t.dry) && film.read(t.dry);
  const wet = figure(t.wet) && film.read(t.wet);
  const fit = solids && thinned !== null ? { solids, thinned } : null;
  const back = fit && dry ? wetFilm(dry, fit.solids, fit.thinned) : null;
  const on = fit && !dry && wet ? dryFilm(wet, fit.solids, fit.thinned) : null;
  const [wetUm, dryUm] = back ? [back.answer, dry!] : [wet ?? 0, on?.answer ?? 0];
  const scale = 84 / Math.max(1, wetUm);
  return (
    <Card
      answer={back ? `${back.answer.toFixed(0)} µm wet` : on ? `${on.answer.toFixed(0)} µm dry` : null}
      formula={(back ?? on)?.formula ?? null}
      drawing={
        <svg
          viewBox="0 0 640 112"
          className="block w-full"
          role="img"
          aria-label="The film wet, and what is left of it"
        >
          {[
            [8, wetUm, 'wet', 0.3],
            [330, dryUm, 'dry', 0.7],
          ].map(([x, um, words, tone]) => (
            <g key={words}>
              <rect
                x={x as number}
                y={92 - (um as number) * scale}
                width="290"
                height={(um as number) * scale}
                fill="var(--color-indigo)"
                fillOpacity={tone}
              />
              <path d={`M${x} 92h290`} stroke={INK} strokeWidth="3" />
              <text x={x as number} y="108" fontSize="13" fill={INK}>
                {words}, {inUnits(`${(um as number).toFixed(0)} µm`)}
              </text>
            </g>
          ))}
        </svg>
      }
    >
      <Typed words={`Wet film, ${film.unit}`} value={t.wet} onType={type('wet')} />
      <Typed words={`or dry film wanted, ${film.unit}`} value={t.dry} onType={type('dry')} />
      <Typed words="Solids by volume, %" value={t.solids} onType={type('solids')} />
      <Typed words="Thinned, %" value={t.thinned} onType={type('thinned')} />
    </Card>
  );
}
