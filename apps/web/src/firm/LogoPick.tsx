import { FilePick } from '../form/FilePick.tsx';
import { Refused } from '../page/Page.tsx';
import { newId } from '../store/newId.ts';
import { type Session, useChangeFirmMutation, useFirmLogoQuery, useSetLogoMutation } from '../store/endpoints.ts';

/** The firm's own picture on its papers: put there, changed, or taken off. */
export function LogoPick({ firm }: { firm: Session['firm'] }) {
  const { data } = useFirmLogoQuery();
  const [set, { isLoading, error }] = useSetLogoMutation();
  const [change, off] = useChangeFirmMutation();
  return (
    <div className="wide:col-span-2">
      <p className="text-sm">Logo, a picture of up to 8 MB</p>
      <div className="flex flex-wrap items-center gap-3">
        <FilePick
          accept="image/png,image/jpeg,image/webp"
          look="quiet"
          disabled={isLoading}
          onPick={(body) => void set({ id: newId(), version: firm.version, body })}
        >
          {isLoading ? 'Taking it in …' : data?.logo ? 'Another picture' : 'Choose a picture'}
        </FilePick>
        {data?.logo && (
          <button
            type="button"
            disabled={off.isLoading}
            className="min-h-[44px] underline"
            onClick={() => void change({ id: newId(), version: firm.version, logo: null })}
          >
            Take it off
          </button>
        )}
      </div>
      <Refused error={error ?? off.error} />
    </div>
  );
}
