import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { CHEMISTRY_LABELS, CLEAN_UP, makerWords, sayVolume } from '@rustic/core';
import { Act } from '../page/Act.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { CleanUpLines } from '../page/CleanUpLines.tsx';
import { capital, sayMoney, isTold } from '../words/figures.ts';
import { sayLength } from '../words/time.ts';
import { Notes } from './Notes.tsx';
import { ProductForm } from './ProductForm.tsx';
import { sheetLines } from './sheetLines.ts';
import { Tins } from './Tins.tsx';
import { newId } from '../store/newId.ts';
import { type KeptProduct, useSessionQuery, useShelfQuery, useWriteProductMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { pricePerUnit } from '../words/measures.ts';
import { useMeasures } from '../words/useMeasures.ts';

/** One product: its sheet, its tins, what was found out, and how to clean up after it. */
export default function ProductPage() {
  const { sayFamily } = useWords();
  const measures = useMeasures();
  const { productId = '' } = useParams();
  const { data, error, refetch } = useShelfQuery();
  const { data: session } = useSessionQuery();
  const [editing, setEditing] = useState(false);
  if (!data || !session) return <Coming error={error} again={() => void refetch()} />;
  const product = data.find((p) => p.id === productId);
  if (!product)
    return (
      <Page title="No such product">
        <Link className="underline" to="/shelf">
          Back to the shelf
        </Link>
      </Page>
    );
  const { drying } = product;
  return (
    <Page
      title={product.name}
      above={
        <>
          <Link className="hover:underline" to="/shelf">
            Shelf
          </Link>{' '}
          › {makerWords(product)}, {sayFamily(product.family)}, {CHEMISTRY_LABELS[drying.chemistry]}
        </>
      }
      acts={
        <>
          <Act letter="e" words="Change the sheet" onAct={() => setEditing(!editing)} />
          <Keep product={product} />
        </>
      }
      notes={[
        {
          n: 1,
          text: product.own
            ? 'This firm keeps a sheet of its own for it. It wins over what is usual for its kind.'
            : 'The sheet it came with. Where a sheet is silent, figures usual for its kind stand.',
        },
        { n: 2, text: measures.inUnits('Times at 23 °C and 50 %. They are a floor: good air never shortens them.') },
        { n: 3, head: 'Caution.', text: `${CLEAN_UP[drying.chemistry].caution} Follow the product’s own safety sheet.` },
      ]}
      footing={
        <>
          <Total
            words="in the van"
            figure={sayVolume(
              product.van.reduce((sum, t) => sum + t.litres, 0),
              measures.units,
            )}
          />
          {drying.recoatMin != null && <Total words="opens after" figure={sayLength(drying.recoatMin)} />}
          {product.tins[0] && isTold(product.tins[0].price) && (
            <Total end words={`a ${measures.volume.unit}`} figure={sayMoney(pricePerUnit(product.tins[0].price, product.tins[0].litres, measures), session.firm.currency)} />
          )}
        </>
      }
    >
      {editing && <ProductForm product={product} currency={session.firm.currency} onDone={() => setEditing(false)} />}
      <div className="grid gap-x-8 wide:grid-cols-2">
        <section aria-labelledby="sheet">
          <h2 id="sheet" className="text-[19px]">
            Sheet
          </h2>
          <dl className="text-[14.5px]">
            {sheetLines(product, session.firm.currency, measures).map(([words, figure]) => (
              <div key={words} className="flex justify-between gap-4 border-b border-rule py-1">
                <dt className="text-faded">{words}</dt>
                <dd className="text-right">{figure}</dd>
              </div>
            ))}
          </dl>
        </section>
        <div>
          <Tins product={product} />
          <Notes product={product} />
        </div>
      </div>
      <section aria-labelledby="clean" className="mt-4">
        <h2 id="clean" className="text-[19px]">
          Clean-up and spills: {capital(CHEMISTRY_LABELS[drying.chemistry])}
        </h2>
        <CleanUpLines card={CLEAN_UP[drying.chemistry]} />
      </section>
    </Page>
  );
}

/** Kept on the shelf, or no longer: what was laid with it is known all the same. */
function Keep({ product }: { product: KeptProduct }) {
  const [write, { isLoading, error }] = useWriteProductMutation();
  const { own: _own, kept, version, van: _van, notes: _notes, id: productId, ...sheet } = product;
  return (
    <>
      <Act letter="k" words={kept ? 'Keep no longer' : 'Keep again'} busy={isLoading} onAct={() => void write({ productId, id: newId(), version, sheet, kept: !kept })} />
      <Refused error={error} />
    </>
  );
}
