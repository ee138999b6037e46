import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import type { TimeAxis } from './timeAxis.ts';
import type { WeatherHours } from '../store/endpoints.ts';
import { useMeasures } from '../words/useMeasures.ts';

/** Height of the strip, its heading included. */
export const STRIP = 92;
const HIGH = 52;
/** A shower of so many millimetres an hour fills the strip. */
const HEAVY_MM = 4;

/** The weather outside on the clock of the plan: temperature with how far it may be off, rain with its odds. */
export function WeatherStrip({
  weather,
  axis,
  from,
  top,
  left,
  now,
}: {
  weather: WeatherHours;
  axis: TimeAxis;
  from: number;
  top: number;
  left: number;
  now: number;
}) {
  const { inUnits, temperature } = useMeasures();
  const hours = weather.temperatureC.flatMap((t, i) => {
    const at = weather.from + i * 60;
    const x = axis.x(at);
    return at < from || x >= axis.right
      ? []
      : [{ at, x, t, doubt: weather.doubtC[i]!, mm: weather.rainMm[i]!, odds: weather.rainChance[i]! }];
  });
  if (hours.length < 2) return null;
  const narrow = left < 150;
  const base = top + 26 + HIGH;
  const low = Math.floor(Math.min(...hours.map((h) => h.t - h.doubt)));
  const high = Math.ceil(Math.max(...hours.map((h) => h.t + h.doubt)));
  const y = scaleLinear()
    .domain([low, high])
    .range([base, base - HIGH]);
  const rain = scaleLinear().domain([0, HEAVY_MM]).range([0, HIGH]).clamp(true);
  const band = area<(typeof hours)[number]>(
    (h) => h.x,
    (h) => y(h.t - h.doubt),
    (h) => y(h.t + h.doubt),
  );
  const middle = line<(typeof hours)[number]>(
    (h) => h.x,
    (h) => y(h.t),
  );
  return (
    <g>
      <text x="0" y={top + 22} fontFamily="var(--font-serif)" fontSize="15.5" fontWeight="600" fill="var(--color-ink)">
        Outside
      </text>
      <path d={`M0 ${base + 4}H${axis.right}`} stroke="var(--color-strong)" />
      {(narrow ? [] : y.ticks(3)).map((t) => (
        <g key={t}>
          <path d={`M${left} ${y(t)}H${axis.right}`} stroke="var(--color-rule)" strokeDasharray="2 3" />
          <text x={left - 18} y={y(t) + 4} fontSize="11" fill="var(--color-faded)" textAnchor="end">
            {t}°
          </text>
        </g>
      ))}
      {hours.map((h) => {
        const odds = h.at < now ? (h.mm > 0 ? 1 : 0) : h.odds;
        if (odds < 0.15 && h.mm === 0) return null;
        const tall = Math.max(2, rain(h.mm > 0 ? h.mm : 0.4));
        return (
          <rect
            key={h.at}
            x={h.x}
            y={base - tall}
            width={Math.max(1.5, axis.x(h.at + 60) - h.x - 0.5)}
            height={tall}
            fill="var(--color-indigo)"
            opacity={0.18 + 0.6 * odds}
          >
            <title>{h.at < now ? inUnits(`${h.mm} mm of rain`) : `rain: ${Math.round(odds * 100)} in 100`}</title>
          </rect>
        );
      })}
      <path d={band(hours) ?? ''} fill="var(--color-ochre)" opacity=".22" />
      <path d={middle(hours) ?? ''} fill="none" stroke="var(--color-ochre)" strokeWidth="1.6" />
      <rect x="-2" y={top + 28} width={left - 44} height={HIGH - 4} fill="var(--color-paper)" />
      <text x={narrow ? 0 : 10} y={top + 44} fontSize="12.5" fill="var(--color-faded)">
        {temperature.say(low)} to {temperature.say(high)} {temperature.unit}
        {narrow ? '' : `, ${weather.place}`}
      </text>
      {!narrow && (
        <text x="10" y={top + 62} fontSize="12.5" fill="var(--color-faded)">
          bars: rain, darker is surer
        </text>
      )}
    </g>
  );
}
