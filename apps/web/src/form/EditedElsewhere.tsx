import type { FieldValues } from 'react-hook-form';
import { refusalOf } from '../outbox/refusal.ts';
import { Button } from './Button.tsx';
import type { Draft } from './useDraft.ts';

/**
 * Somebody else changed the same thing while it was open: theirs stands on the page, mine in the form, and it is for
 * whoever is here which stays.
 */
export function EditedElsewhere<V extends FieldValues>({
  draft,
  error,
  onTheirs,
}: {
  draft: Draft<V>;
  error: unknown;
  onTheirs: () => void;
}) {
  const refusal = refusalOf(error);
  const theirs = refusal?.theirs as { version?: number; name?: string; title?: string } | null | undefined;
  if (refusal?.code !== 'edited-elsewhere' || !('version' in draft.said)) return null;
  const isTaken = theirs?.version !== undefined && draft.said['version'] === theirs.version;
  if (isTaken) return <p className="text-sm">Send it again, and yours goes over theirs.</p>;
  return (
    <div className="flex flex-wrap items-center gap-x-4 text-sm">
      <span>
        Theirs{(theirs?.name ?? theirs?.title) ? `, ${theirs.name ?? theirs.title},` : ''} stands on the page; yours is
        in this form.
      </span>
      <Button look="plain" onClick={onTheirs}>
        Theirs stays
      </Button>
      {theirs?.version !== undefined && (
        <Button look="plain" onClick={() => draft.say({ version: theirs.version } as unknown as Partial<V>)}>
          Mine goes over it
        </Button>
      )}
    </div>
  );
}
