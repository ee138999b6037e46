import { isCoat, METHOD_LABELS, METHODS, makerWords } from '@rustic/core';
import type { LogSaid } from './logSaid.ts';
import type { KeptProduct } from '../store/endpoints.ts';
import { FigureField, SelectField, TextField } from '../form/fields.tsx';
import { Choice } from '../form/atOnce.tsx';
import { useMeasures } from '../words/useMeasures.ts';
import { capital } from '../words/figures.ts';

/** What is said of a log when there is more to say than product, batch and air. */
export function LogMore({
  kind,
  said,
  others,
  notes = true,
  onSay,
}: {
  kind: Parameters<typeof isCoat>[0];
  said: LogSaid;
  /** Products of other families than the system asks for. */
  others: readonly KeptProduct[];
  /** The note is asked for here; it may stand elsewhere. */
  notes?: boolean;
  onSay: (more: Partial<LogSaid>) => void;
}) {
  const measures = useMeasures();
  const film = isCoat(kind);
  const other = others.some((p) => p.id === said.productId);
  return (
    <details className="mb-2">
      <summary className="min-h-[44px] cursor-pointer py-2.5">
        {film ? 'Film, paint used, method, helper, another product' : 'Helper, note'}
      </summary>
      <div className="flex flex-wrap items-end gap-2">
        {film && <FigureField name="wetFilm" words={`Wet film, ${measures.film.unit}`} />}
        {film && (
          <FigureField
            name="litres"
            words={`${capital(measures.volume.many)} used`}
            isRead={(text) => measures.volume.read(text) >= 0}
          />
        )}
        {film && (
          <SelectField
            name="method"
            words="Laid by"
            unsaid="as the system says"
            options={METHODS}
            say={(m) => METHOD_LABELS[m]}
            width=""
          />
        )}
        <TextField name="helper" words="Who lent a hand" maxLength={120} width="w-40" />
        {notes && <TextField name="note" words="Note" maxLength={1000} width="w-64" />}
        {film && (
          <Choice
            words="Another product"
            value={other ? said.productId! : ''}
            options={others.map((p) => [p.id, `${p.name}, ${makerWords(p)}`] as const)}
            unsaid="none: as the system says"
            onChoose={(id) => onSay({ productId: id || null })}
            width="max-w-60"
          />
        )}
        {other && <TextField name="instead" words="Why instead" maxLength={400} width="w-64" />}
      </div>
    </details>
  );
}
