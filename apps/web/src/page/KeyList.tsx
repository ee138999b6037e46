import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { useKeyList } from './keys.tsx';

/** The `?` list: what works here without a mouse. */
export default function KeyList({ onClose }: { onClose: () => void }) {
  const keys = useKeyList(true);
  return (
    <Dialog open onClose={onClose} className="relative z-30">
      <div className="fixed inset-0 bg-ink/30" aria-hidden />
      <div className="fixed inset-0 flex items-center justify-center p-4">
        <DialogPanel className="max-h-full w-[420px] overflow-auto rounded border border-strong bg-leaf p-5">
          <DialogTitle className="mb-2 font-serif text-xl">Keys</DialogTitle>
          <dl>
            {keys.map((k) => (
              <div key={k.key} className="flex justify-between border-b border-rule py-1">
                <dt>{k.words}</dt>
                <dd>
                  <kbd className="rounded border border-strong px-1.5 font-sans text-sm">{k.key.toUpperCase()}</kbd>
                </dd>
              </div>
            ))}
          </dl>
          <button
            type="button"
            autoFocus
            onClick={onClose}
            className="mt-4 min-h-[40px] rounded border border-ink px-4"
          >
            Close
          </button>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
