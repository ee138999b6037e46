import { useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { FAMILIES, type Family, type ProductGiven } from '@rustic/core';
import { FormFoot } from '../page/FormFoot.tsx';
import { Refused } from '../page/Page.tsx';
import { capital } from '../words/figures.ts';
import { FIGURES, readProduct, saidOfProduct, type ProductSaid } from './readProduct.ts';
import { newId } from '../store/newId.ts';
import { type KeptProduct, useWriteProductMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

interface Props {
  product: KeptProduct | null;
  currency: string;
  onDone: () => void;
}

/** A product by hand: a new one, or this firm's own figures for one on the shelf. Left empty, what is usual for its kind stands. */
export function ProductForm({ product, currency, onDone }: Props) {
  const { sayFamily } = useWords();
  const navigate = useNavigate();
  const [said, setSaid] = useState<ProductSaid>(() => saidOfProduct(product));
  const [family, setFamily] = useState<Family>(product?.family ?? 'acrylic-wall');
  const [fault, setFault] = useState<string | null>(null);
  const [write, { isLoading, error }] = useWriteProductMutation();
  const say = (field: keyof ProductSaid, value: string) => setSaid({ ...said, [field]: value });
  const send = async (event: FormEvent) => {
    event.preventDefault();
    const read = readProduct(said, family, product);
    setFault(read.fault);
    if (!read.sheet) return;
    const { id: productId, ...sheet } = read.sheet;
    const sent = await write({
      productId: productId!,
      id: newId(),
      version: product?.version ?? null,
      sheet: sheet as ProductGiven,
      kept: product?.kept ?? true,
    });
    if ('error' in sent) return;
    onDone();
    if (!product) void navigate(`/shelf/products/${productId}`);
  };
  return (
    <form onSubmit={(e) => void send(e)} className="mb-4 border-y-2 border-ink bg-leaf px-3 py-3 wide:px-4">
      <div className="flex flex-wrap items-end gap-3 text-sm">
        {!product && (
          <>
            <label>
              Name
              <input required maxLength={120} value={said.name} onChange={(e) => say('name', e.target.value)} className="block w-48" />
            </label>
            <label>
              Maker
              <input required maxLength={120} value={said.maker} onChange={(e) => say('maker', e.target.value)} className="block w-44" />
            </label>
            <label>
              Kind
              <select value={family} onChange={(e) => setFamily(e.target.value as Family)} className="block w-56">
                {FAMILIES.map((f) => (
                  <option key={f} value={f}>
                    {capital(sayFamily(f))}
                  </option>
                ))}
              </select>
            </label>
          </>
        )}
        {FIGURES.map(({ field, words, width }) => (
          <label key={field}>
            {words.replace('{currency}', currency)}
            <input inputMode="decimal" value={said[field]} onChange={(e) => say(field, e.target.value)} className={`block ${width}`} />
          </label>
        ))}
      </div>
      {fault && (
        <p role="alert" className="mt-1 text-madder">
          {fault}
        </p>
      )}
      <Refused error={error} />
      <FormFoot words={product ? 'Keep' : 'Add'} busy={isLoading} onLeave={onDone} />
    </form>
  );
}
