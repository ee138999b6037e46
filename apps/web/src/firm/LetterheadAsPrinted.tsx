import type { Letterhead } from '@rustic/core';
import { FirmLogo } from '../papers/PaperBlocks.tsx';

/** The head and the foot of a paper as they are printed, while they are typed. */
export function LetterheadAsPrinted({
  name,
  letterhead,
  logo,
}: {
  name: string;
  logo?: string | undefined;
  letterhead: Partial<Omit<Letterhead, 'quotesFrom'>>;
}) {
  const { address = '', phone, email, taxNumber, registration, payment, quoteTerms } = letterhead;
  const joined = (...said: (string | undefined)[]) => said.filter(Boolean).join(' · ');
  return (
    <figure
      aria-label="As it is printed"
      className="max-w-[320px] self-start border border-strong bg-leaf p-4 text-[12.5px] leading-snug shadow"
    >
      <FirmLogo logo={logo} firm={name} />
      <strong className="block font-serif text-[15px]">{name}</strong>
      <span className="block whitespace-pre-line text-faded">{address}</span>
      <span className="block text-faded">{joined(phone, email)}</span>
      <span className="block text-faded">{joined(taxNumber, registration)}</span>
      <span className="mt-3 block font-serif text-[19px] font-semibold">Specification and quote</span>
      <span aria-hidden className="my-2 block border-y border-rule py-4 text-center text-faded">
        the work and its price
      </span>
      {joined(payment, quoteTerms) && <strong className="block font-serif text-[14px]">Terms</strong>}
      <span className="block whitespace-pre-line">{payment}</span>
      <span className="block whitespace-pre-line">{quoteTerms}</span>
    </figure>
  );
}
