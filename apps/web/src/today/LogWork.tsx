import { useState } from 'react';
import { isCoat, STEP_LABELS } from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { Refused } from '../page/Page.tsx';
import { newId, useLogWorkMutation } from '../store/api.ts';
import { useShelfQuery } from '../store/shelfApi.ts';
import type { KeptProduct } from '../store/shelfTypes.ts';
import type { TodayLine } from '../store/types.ts';
import { sayFamily } from '../words/terms.ts';
import { sayTime } from '../words/time.ts';

type Loggable = Pick<TodayLine, 'next' | 'jobId' | 'surfaceId' | 'name' | 'offered'>;
const number = (text: string) => Number(text.replace(',', '.'));

/** Logging the next step: a coat with its product, batch and air; anything else with one tap. Last values are offered, never assumed. */
export function LogWork({ line, onDone }: { line: Loggable; onDone: () => void }) {
  const { plan, product: offered, coat } = line.next!;
  const film = isCoat(plan.kind);
  const { data: shelf } = useShelfQuery(undefined, { skip: !film });
  const [productId, setProductId] = useState<string | null>(null);
  const [batch, setBatch] = useState('');
  const [air, setAir] = useState<{ t: string; rh: string }>({ t: '', rh: '' });
  const [minutesAgo, setMinutesAgo] = useState('0');
  const [wetFilm, setWetFilm] = useState('');
  const [id] = useState(newId);
  const [log, { data: logged, isLoading, error }] = useLogWorkMutation();
  // What is open in the van comes first.
  const inVan = (p: KeptProduct) => Number(p.van.some((tin) => tin.litres > 0));
  const choices = (shelf ?? [])
    .filter((p) => p.kept && p.family === offered?.family)
    .sort((a, b) => inVan(b) - inVan(a));
  const send = () => {
    const endedAt = Date.now() - number(minutesAgo || '0') * 60_000;
    void log({
      id,
      jobId: line.jobId,
      surfaceId: line.surfaceId,
      stepId: plan.id,
      startedAt: new Date(endedAt - plan.minutes * 60_000).toISOString(),
      endedAt: new Date(endedAt).toISOString(),
      ...(film
        ? {
            ...(productId ? { productId } : {}),
            ...(batch.trim() ? { batch: batch.trim() } : {}),
            ...(air.t ? { temperatureC: number(air.t) } : {}),
            ...(air.rh ? { relativeHumidityPct: number(air.rh) } : {}),
            ...(wetFilm ? { wetFilmUm: number(wetFilm) } : {}),
          }
        : {}),
    });
  };
  if (logged) return <Logged line={line} warnings={logged.warnings} opensAt={logged.opensAt} onDone={onDone} />;
  const title = `${STEP_LABELS[plan.kind]}${film && coat > 1 ? `, coat ${coat}` : ''}`;
  const offeredBatch = line.offered.batch;
  const offeredAir = { t: String(line.offered.temperatureC), rh: String(line.offered.relativeHumidityPct) };
  return (
    <section aria-label={`Log ${title}`} className="mb-4 border-y-2 border-ink bg-leaf px-3 py-3 wide:px-4">
      <p className="mb-2 font-semibold">
        {line.name}: {title}
        {film && offered ? `, ${sayFamily(offered.family)}` : ''}
      </p>
      {film && (
        <>
          <div className="mb-2 flex flex-wrap gap-2" role="group" aria-label="Product">
            {choices.map((p) => (
              <Chip
                key={p.id}
                pressed={productId === p.id}
                onPress={() => {
                  setProductId(p.id);
                  if (offeredBatch && p.id === offered?.id && !batch) setBatch(offeredBatch);
                }}
              >
                {p.name}{' '}
                <span className="opacity-75">
                  {p.maker}
                  {offeredBatch && p.id === offered?.id ? `, batch ${offeredBatch}` : ''}
                </span>
              </Chip>
            ))}
          </div>
          <div className="mb-2 flex flex-wrap items-end gap-2">
            <Chip pressed={air.t === offeredAir.t && air.rh === offeredAir.rh} onPress={() => setAir(offeredAir)}>
              Air {offeredAir.t} °C · {offeredAir.rh} %, last read
            </Chip>
            <label className="text-sm">
              °C
              <input
                inputMode="decimal"
                value={air.t}
                onChange={(e) => setAir({ ...air, t: e.target.value })}
                className="block w-20"
              />
            </label>
            <label className="text-sm">
              % RH
              <input
                inputMode="decimal"
                value={air.rh}
                onChange={(e) => setAir({ ...air, rh: e.target.value })}
                className="block w-20"
              />
            </label>
            <label className="text-sm">
              Batch
              <input value={batch} maxLength={80} onChange={(e) => setBatch(e.target.value)} className="block w-28" />
            </label>
            <label className="text-sm">
              Wet film, µm
              <input
                inputMode="decimal"
                value={wetFilm}
                onChange={(e) => setWetFilm(e.target.value)}
                className="block w-24"
              />
            </label>
          </div>
        </>
      )}
      <div className="flex flex-wrap items-end gap-3">
        <label className="text-sm">
          Ended, minutes ago
          <input
            inputMode="numeric"
            value={minutesAgo}
            onChange={(e) => setMinutesAgo(e.target.value)}
            className="block w-24"
          />
        </label>
        <button
          type="button"
          disabled={isLoading}
          onClick={send}
          className="min-h-[48px] rounded bg-ink px-6 font-semibold text-onink disabled:opacity-50"
        >
          {isLoading ? 'Writing …' : 'Done'}
        </button>
        <button type="button" onClick={onDone} className="min-h-[44px] px-2 underline">
          Leave it
        </button>
      </div>
      <Refused error={error} />
    </section>
  );
}

function Logged({
  line,
  warnings,
  opensAt,
  onDone,
}: {
  line: Loggable;
  warnings: string[];
  opensAt: number | null;
  onDone: () => void;
}) {
  return (
    <section role="status" className="mb-4 border-y-2 border-ink bg-leaf px-4 py-3">
      <p className="font-semibold">
        {line.name}: logged, and in the ledger.{opensAt !== null && ` Open for the next act ${sayTime(opensAt)}.`}
      </p>
      {warnings.map((w) => (
        <p key={w} className="text-madder">
          {w}
        </p>
      ))}
      <button type="button" onClick={onDone} className="mt-1 min-h-[44px] underline">
        Close
      </button>
    </section>
  );
}
