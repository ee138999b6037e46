import { useState } from 'react';
import { useNavigate } from 'react-router';
import { FAMILIES, type Family, type ProductGiven } from '@rustic/core';
import { capital } from '../words/figures.ts';
import { figuresAsked, readProduct, saidOfProduct } from './readProduct.ts';
import { newId } from '../store/newId.ts';
import { type KeptProduct, useWriteProductMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Form } from '../form/Form.tsx';
import { SelectField, TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { useMeasures } from '../words/useMeasures.ts';

interface Props {
  product: KeptProduct | null;
  currency: string;
  onDone: () => void;
}

/** A product by hand: a new one, or this firm's own figures for one on the shelf. Left empty, what is usual for its kind stands. */
export function ProductForm({ product, currency, onDone }: Props) {
  const { sayFamily } = useWords();
  const navigate = useNavigate();
  const terms = { measures: useMeasures(), currency };
  const [fault, setFault] = useState<string | null>(null);
  const draft = useDraft(`product/${product?.id ?? 'new'}`, {
    ...saidOfProduct(product, terms),
    family: product?.family ?? ('acrylic-wall' as Family),
    version: product?.version ?? null,
  });
  const [write, { isLoading, error }] = useWriteProductMutation();
  const send = async ({ family, version, ...said }: typeof draft.said) => {
    const read = readProduct(said, family, product, terms);
    setFault(read.fault);
    if (!read.sheet) return null;
    const { id: productId, ...sheet } = read.sheet;
    const sent = await write({
      productId: productId!,
      id: newId(),
      version,
      sheet: sheet as ProductGiven,
      kept: product?.kept ?? true,
    });
    if (!product && !('error' in sent)) void navigate(`/shelf/products/${productId}`);
    return sent;
  };
  return (
    <Form
      draft={draft}
      label={product ? `The sheet of ${product.name}` : 'A product'}
      words={product ? 'Keep' : 'Add'}
      busy={isLoading}
      error={error}
      className="mb-4 border-y-2 border-ink bg-leaf px-3 py-3 wide:px-4"
      onSend={send}
      onSent={onDone}
      onLeave={onDone}
    >
      <div className="flex flex-wrap items-end gap-3">
        {!product && (
          <>
            <TextField name="name" words="Name" required maxLength={120} width="w-48" />
            <TextField name="maker" words="Maker" required maxLength={120} width="w-44" />
            <SelectField name="family" words="Kind" options={FAMILIES} say={(f) => capital(sayFamily(f))} width="w-56" />
          </>
        )}
        {figuresAsked(terms).map(({ field, words, width }) => (
          <TextField key={field} name={field} words={words} inputMode="decimal" width={width} />
        ))}
      </div>
      {fault && (
        <p role="alert" className="mt-1 text-madder">
          {fault}
        </p>
      )}
    </Form>
  );
}
