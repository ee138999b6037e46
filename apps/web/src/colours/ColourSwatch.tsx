/** A painted chip of a colour; beside its name it says nothing to readers of the page. */
export function ColourSwatch({ colour, size = 'h-[26px] w-[42px]' }: { colour: string; size?: string }) {
  return (
    <span aria-hidden className={`inline-block shrink-0 border border-strong align-middle ${size}`}>
      <svg width="100%" height="100%" className="block">
        <rect width="100%" height="100%" fill={colour} />
      </svg>
    </span>
  );
}
