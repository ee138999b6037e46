import { Button } from '../form/Button.tsx';
import { Refused } from '../page/Page.tsx';
import { newId } from '../store/newId.ts';
import { useSessionQuery, useSetOwnersLockMutation } from '../store/endpoints.ts';

/** Whether the firm's owners have to open a second lock beside their password. */
export function OwnersLock() {
  const { data } = useSessionQuery();
  const [set, { error, isLoading }] = useSetOwnersLockMutation();
  if (!data) return null;
  const { ownersSecond, version } = data.firm;
  return (
    <section aria-labelledby="owners-lock" className="mt-6">
      <h2 id="owners-lock" className="border-b-2 border-ink pb-0.5 text-[19px]">
        Locks of the owners
      </h2>
      <p className="my-2 max-w-[60ch]">
        {ownersSecond
          ? 'Every owner opens a second lock with a phone. Who has none yet sets it up before anything else.'
          : 'An owner comes in by a password alone, unless they set up a second lock for themselves.'}
      </p>
      <Button busy={isLoading} onClick={() => void set({ id: newId(), version, needed: !ownersSecond })}>
        {ownersSecond ? 'A password is enough' : 'Ask every owner for a second lock'}
      </Button>
      <Refused error={error} />
    </section>
  );
}
