import { useState } from 'react';
import { CHEMISTRY_LABELS, dewPoint, doseBetween, reaches, type Air, type Chemistry, type Film } from '@rustic/core';
import { CHEMISTRY_HUE } from '../drawing/Wedge.tsx';
import { capital } from '../words/figures.ts';
import { sayLength } from '../words/time.ts';
import { Card, useTyped } from './Card.tsx';
import { figure } from './figure.ts';
import { Choice, Typed } from '../form/atOnce.tsx';
import { useMeasures } from '../words/useMeasures.ts';

const INK = 'var(--color-ink)';
const MARGIN_C = 3;

/** How far a surface stands above the dew point. */
export function Dew() {
  const { temperature, inUnits } = useMeasures();
  const celsius = (text: string) => (figure(text) === null ? null : temperature.read(text));
  const [t, type] = useTyped(`dew/${temperature.unit}`, {
    air: temperature.say(16),
    humidity: '70',
    face: temperature.say(13),
  });
  const [air, humidity, face] = [celsius(t.air), figure(t.humidity), celsius(t.face)];
  const fit = air !== null && humidity !== null && humidity > 0 && humidity <= 100 && face !== null;
  const dew = fit ? dewPoint(air, humidity) : 0;
  const margin = fit ? face - dew : 0;
  const low = Math.min(dew, face ?? 0) - 3;
  const x = (c: number) => 20 + ((c - low) / Math.max(1, Math.max(air ?? 0, face ?? 0) + 2 - low)) * 600;
  return (
    <Card
      answer={
        fit
          ? margin >= MARGIN_C
            ? `${margin.toFixed(1)} °C above the dew point: it may be painted`
            : `Only ${margin.toFixed(1)} °C above the dew point: wait`
          : null
      }
      formula={
        fit
          ? `Dew point of ${air} °C at ${t.humidity} % is ${dew.toFixed(1)} °C (Magnus, as in ISO 8502-4); a surface wants ${MARGIN_C} °C more`
          : null
      }
      drawing={
        <svg
          viewBox="0 0 640 74"
          className="block w-full"
          role="img"
          aria-label="Dew point, what is wanted above it, and the surface"
        >
          <path d="M20 36H620" stroke="var(--color-strong)" />
          <rect
            x={x(dew)}
            y="26"
            width={Math.max(0, x(dew + MARGIN_C) - x(dew))}
            height="20"
            fill="var(--color-madder)"
            fillOpacity=".3"
          />
          {[
            [dew, 'dew point', 68],
            [face ?? 0, 'surface', 16],
          ].map(([at, words, y]) => (
            <g key={words}>
              <path d={`M${x(at as number)} 22V50`} stroke={INK} strokeWidth="2" />
              <text x={x(at as number)} y={y} textAnchor="middle" fontSize="13" fill={INK}>
                {words} {inUnits(`${(at as number).toFixed(1)} °C`)}
              </text>
            </g>
          ))}
        </svg>
      }
    >
      <Typed words={`Air, ${temperature.unit}`} value={t.air} onType={type('air')} />
      <Typed words="Humidity, %" value={t.humidity} onType={type('humidity')} />
      <Typed words={`Surface, ${temperature.unit}`} value={t.face} onType={type('face')} />
    </Card>
  );
}

const CHEMISTRIES = Object.keys(CHEMISTRY_HUE) as Chemistry[];

/** When a coat opens in this air: the dose of the drying plan, for one coat. */
export function Drying() {
  const { temperature } = useMeasures();
  const celsius = (text: string) => (figure(text) === null ? null : temperature.read(text));
  const first = { label: '240', air: temperature.say(14), humidity: '70', least: temperature.say(8), film: '100' };
  const [t, type] = useTyped(`drying/${temperature.unit}`, first);
  const [chemistry, setChemistry] = useState<Chemistry>('waterborne');
  const [label, air, humidity, film] = [figure(t.label), celsius(t.air), figure(t.humidity), figure(t.film)];
  const fit = label && air !== null && humidity && film;
  const laid: Film = { chemistry, minTempC: celsius(t.least), thickness: (film ?? 100) / 100 };
  const here: Air = { kind: 'steady', temperatureC: air ?? 0, relativeHumidityPct: humidity ?? 0 };
  const minutes = fit ? reaches(laid, here, 0, label) : null;
  const end = minutes ?? 1;
  const curve = Array.from({ length: 41 }, (_, i) => {
    const at = (end * i) / 40;
    return `${20 + 15 * i} ${10 + 70 * (fit ? doseBetween(laid, here, 0, at, label) : 0)}`;
  });
  return (
    <Card
      answer={
        !fit
          ? null
          : minutes === null
            ? 'It never opens in this air: too cold or too damp'
            : `Open after ${sayLength(minutes)}`
      }
      formula={
        fit
          ? `The label’s ${sayLength(label)} holds at 23 °C and 50 %, and is a floor. Time grows with the square of the film: ${t.film} % of it is × ${((film / 100) ** 2).toFixed(2)}`
          : null
      }
      drawing={
        minutes !== null && (
          <svg viewBox="0 0 640 96" className="block w-full" role="img" aria-label="The film drying down to open">
            <path d={`M20 80L${curve.join('L')}L620 80Z`} fill={CHEMISTRY_HUE[chemistry]} fillOpacity=".5" />
            <path d="M20 82H620" stroke="var(--color-strong)" />
            <text x="20" y="95" fontSize="12" fill={INK}>
              laid
            </text>
            <text x="620" y="95" textAnchor="end" fontSize="12" fill={INK}>
              open
            </text>
          </svg>
        )
      }
    >
      <Choice
        words="Chemistry"
        value={chemistry}
        options={CHEMISTRIES.map((c) => [c, capital(CHEMISTRY_LABELS[c])] as const)}
        onChoose={setChemistry}
      />
      <Typed words="Recoat on its label, min" value={t.label} onType={type('label')} />
      <Typed words={`Air, ${temperature.unit}`} value={t.air} onType={type('air')} />
      <Typed words="Humidity, %" value={t.humidity} onType={type('humidity')} />
      <Typed words={`Its least, ${temperature.unit}`} value={t.least} onType={type('least')} />
      <Typed words="Film, % of the label’s" value={t.film} onType={type('film')} />
    </Card>
  );
}
