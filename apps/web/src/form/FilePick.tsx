import type { ReactNode } from 'react';

const LOOKS = {
  button:
    'inline-flex min-h-[44px] cursor-pointer items-center gap-2 rounded border border-ink bg-leaf px-3 font-semibold focus-within:outline-2 wide:min-h-[36px]',
  quiet:
    'inline-flex min-h-[44px] cursor-pointer items-center gap-2 rounded border border-strong bg-leaf px-3 focus-within:outline-2 hover:border-ink wide:min-h-[30px] wide:text-[14.5px]',
  plain: 'inline-flex min-h-[44px] cursor-pointer items-center text-sm underline focus-within:outline-2',
};

interface Props {
  /** What is asked for; while it is read, what is being done. */
  children: ReactNode;
  accept: string;
  look?: keyof typeof LOOKS;
  disabled?: boolean;
  autoFocus?: boolean;
  /** Taken with the camera of the device, where it has one. */
  camera?: boolean;
  /** What was chosen. The same file may be chosen again. */
  onPick: (file: File) => void;
}

/** A file from the device: the words are the button. */
export function FilePick({ children, accept, look = 'button', disabled, autoFocus, camera, onPick }: Props) {
  return (
    <label className={`${LOOKS[look]} ${disabled ? 'opacity-50' : ''}`}>
      <input
        type="file"
        accept={accept}
        disabled={disabled}
        autoFocus={autoFocus}
        {...(camera ? { capture: 'environment' } : {})}
        className="sr-only"
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file) onPick(file);
        }}
      />
      {children}
    </label>
  );
}
