import { isCoat, METHOD_LABELS, METHODS, type Method } from '@rustic/core';
import type { LogSaid } from './logSaid.ts';
import type { KeptProduct } from '../store/endpoints.ts';

/** What is said of a log when there is more to say than product, batch and air. */
export function LogMore({
  kind,
  said,
  others,
  onSay,
}: {
  kind: Parameters<typeof isCoat>[0];
  said: LogSaid;
  /** Products of other families than the system asks for. */
  others: readonly KeptProduct[];
  onSay: (more: Partial<LogSaid>) => void;
}) {
  const film = isCoat(kind);
  const other = others.some((p) => p.id === said.productId);
  const text = (key: 'wetFilm' | 'litres' | 'helper' | 'note', words: string, wide: string, decimal = false) => (
    <label className="text-sm">
      {words}
      <input
        value={said[key]}
        maxLength={key === 'note' ? 1000 : 120}
        {...(decimal ? { inputMode: 'decimal' as const } : {})}
        onChange={(e) => onSay({ [key]: e.target.value })}
        className={`block ${wide}`}
      />
    </label>
  );
  return (
    <details className="mb-2">
      <summary className="min-h-[44px] cursor-pointer py-2.5">
        {film ? 'Film, litres, method, helper, another product' : 'Helper, note'}
      </summary>
      <div className="flex flex-wrap items-end gap-2">
        {film && text('wetFilm', 'Wet film, µm', 'w-24', true)}
        {film && text('litres', 'Litres used', 'w-24', true)}
        {film && (
          <label className="text-sm">
            Laid by
            <select
              value={said.method}
              onChange={(e) => onSay({ method: e.target.value as Method | '' })}
              className="block"
            >
              <option value="">as the system says</option>
              {METHODS.map((m) => (
                <option key={m} value={m}>
                  {METHOD_LABELS[m]}
                </option>
              ))}
            </select>
          </label>
        )}
        {text('helper', 'Who lent a hand', 'w-40')}
        {text('note', 'Note', 'w-64 max-w-full')}
        {film && (
          <label className="text-sm">
            Another product
            <select
              value={other ? said.productId! : ''}
              onChange={(e) => onSay({ productId: e.target.value || null })}
              className="block max-w-60"
            >
              <option value="">none: as the system says</option>
              {others.map((p) => (
                <option key={p.id} value={p.id}>
                  {p.name}, {p.maker}
                </option>
              ))}
            </select>
          </label>
        )}
        {other && (
          <label className="text-sm">
            Why instead
            <input
              value={said.instead}
              maxLength={400}
              onChange={(e) => onSay({ instead: e.target.value })}
              className="block w-64 max-w-full"
            />
          </label>
        )}
      </div>
    </details>
  );
}
