import { useState } from 'react';
import { Chip } from '../page/Act.tsx';
import type { Loggable, LogSaid } from './logSaid.ts';
import { useLazyWeatherQuery } from '../store/endpoints.ts';
import { FigureField } from '../form/fields.tsx';
import { useMeasures } from '../words/useMeasures.ts';

const figuresIn = (unit: string): [key: 't' | 'rh' | 'surfaceT', words: string][] => [
  ['t', unit],
  ['rh', '% RH'],
  ['surfaceT', `${unit} of the surface`],
];

/** The air of the coat: as last read, from the room's sensor, or typed. */
export function AirRead({
  line,
  said,
  onSay,
}: {
  line: Loggable;
  said: LogSaid;
  onSay: (more: Partial<LogSaid>) => void;
}) {
  const [ask, { isFetching }] = useLazyWeatherQuery();
  const [none, setNone] = useState(false);
  const { temperature } = useMeasures();
  const last = { t: temperature.say(line.offered.temperatureC), rh: String(line.offered.relativeHumidityPct) };
  const sensor = async () => {
    const { data } = await ask(line.jobId);
    const room = data?.rooms.find((r) => r.id === line.roomId);
    setNone(!room);
    if (room)
      onSay({
        t: temperature.say(room.temperatureC),
        rh: String(Math.round(room.relativeHumidityPct)),
        surfaceT: temperature.say(room.surfaceC),
      });
  };
  return (
    <div className="mb-2 flex flex-wrap items-end gap-2">
      <Chip pressed={said.t === last.t && said.rh === last.rh} onPress={() => onSay(last)}>
        Air {last.t} {temperature.unit} · {last.rh} %, last read
      </Chip>
      {line.roomId && (
        <Chip pressed={false} onPress={() => void sensor()}>
          {isFetching ? 'Reading …' : 'Read the sensor'}
        </Chip>
      )}
      {figuresIn(temperature.unit).map(([key, words]) => (
        <FigureField key={key} name={key} words={words} width="w-20" />
      ))}
      {none && <span className="text-sm">The sensor does not answer. Type what the meter says.</span>}
    </div>
  );
}
