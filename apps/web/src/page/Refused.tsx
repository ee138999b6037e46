import { refusalOf } from '../outbox/refusal.ts';
import { faultSentence } from '../words/fieldWords.ts';

/** What an error says: what happened, what was kept, what to do; each fault on a line of its own. */
export function Refused({ error }: { error: unknown }) {
  const refusal = refusalOf(error);
  if (!refusal) return null;
  return (
    <div role="alert" className="my-2 border-l-4 border-madder bg-leaf px-3 py-2">
      <p className="font-semibold">{refusal.message}</p>
      {refusal.errors?.map((fault) => (
        <p key={fault.path + fault.message} className="text-sm">
          {faultSentence(fault)}
        </p>
      ))}
    </div>
  );
}
