import { Refused } from '../page/Refused.tsx';
import type { useKeptPhoto } from './useKeptPhoto.ts';

/** Why a photo was not kept: it is none that can be read, or it was refused. */
export function PhotoRefused({ kept: { refused, error } }: { kept: ReturnType<typeof useKeptPhoto> }) {
  return (
    <>
      {refused && (
        <p role="alert" className="mt-1 border-l-4 border-madder pl-3 text-sm font-semibold">
          {refused}
        </p>
      )}
      <Refused error={error} />
    </>
  );
}
