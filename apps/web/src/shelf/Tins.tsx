import { useState, type FormEvent } from 'react';
import { FormFoot } from '../page/FormFoot.tsx';
import { Refused } from '../page/Page.tsx';
import { nowText } from '../clock/clock.ts';
import { readFigure } from '../words/readFigure.ts';
import { newId } from '../store/newId.ts';
import { type KeptProduct, type Tin, useAddTinMutation, useChangeTinMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

/** What stands in the van of this product: batch, when it was opened, what is left. */
export function Tins({ product }: { product: KeptProduct }) {
  const [adding, setAdding] = useState(false);
  const tins = product.van.filter((t) => t.litres > 0);
  return (
    <section aria-labelledby="tins">
      <h2 id="tins" className="text-[19px]">
        In the van
      </h2>
      {tins.length === 0 && !adding && <p className="text-faded">None. Note a tin when one is bought or brought along.</p>}
      <ul>
        {tins.map((tin) => (
          <TinLine key={tin.id} tin={tin} />
        ))}
      </ul>
      {adding ? (
        <AddTin product={product} onDone={() => setAdding(false)} />
      ) : (
        <button type="button" className="min-h-[44px] underline" onClick={() => setAdding(true)}>
          Note a tin
        </button>
      )}
    </section>
  );
}

function TinLine({ tin }: { tin: Tin }) {
  const { sayDate } = useWords();
  const [left, setLeft] = useState<string | null>(null);
  const [change, { isLoading, error }] = useChangeTinMutation();
  const send = async (event: FormEvent) => {
    event.preventDefault();
    const now = nowText();
    const sent = await change({
      tinId: tin.id,
      id: newId(),
      version: tin.version,
      litres: readFigure(left!),
      ...(tin.openedAt ? {} : { openedAt: now }),
    });
    if (!('error' in sent)) setLeft(null);
  };
  return (
    <li className="border-b border-rule py-1">
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <span>
          <strong>{tin.litres.toFixed(1)} L</strong>, batch {tin.batch || 'not noted'}
          {tin.colour && `, ${tin.colour}`}
          <span className="text-faded">, {tin.openedAt ? `opened ${sayDate(tin.openedAt)}` : 'not opened'}</span>
        </span>
        {left === null && (
          <button type="button" className="min-h-[44px] text-sm underline" onClick={() => setLeft(tin.litres.toFixed(1))}>
            Weigh it
          </button>
        )}
      </div>
      {left !== null && (
        <form onSubmit={(e) => void send(e)} className="flex flex-wrap items-end gap-3 pb-1">
          <label className="text-sm">
            Litres left
            <input inputMode="decimal" value={left} onChange={(e) => setLeft(e.target.value)} className="block w-24" />
          </label>
          <FormFoot words="Keep" busy={isLoading} disabled={!(readFigure(left) >= 0)} onLeave={() => setLeft(null)} className="" />
        </form>
      )}
      <Refused error={error} />
    </li>
  );
}

function AddTin({ product, onDone }: { product: KeptProduct; onDone: () => void }) {
  const [batch, setBatch] = useState('');
  const [size, setSize] = useState('');
  const [opened, setOpened] = useState(false);
  const [colour, setColour] = useState('');
  const tinted = product.tints === 'any' || product.tints === 'greys';
  const [add, { isLoading, error }] = useAddTinMutation();
  const send = async (event: FormEvent) => {
    event.preventDefault();
    const openedAt = opened ? nowText() : null;
    const sent = await add({
      id: newId(),
      productId: product.id,
      batch,
      openedAt,
      litres: readFigure(size),
      colour: colour.trim().toLowerCase() || null,
    });
    if (!('error' in sent)) onDone();
  };
  return (
    <form onSubmit={(e) => void send(e)} className="py-1">
      <div className="flex flex-wrap items-end gap-3 text-sm">
        <label>
          Batch
          <input value={batch} maxLength={80} onChange={(e) => setBatch(e.target.value)} className="block w-32" />
        </label>
        <label>
          Litres
          <input inputMode="decimal" required value={size} onChange={(e) => setSize(e.target.value)} className="block w-24" />
        </label>
        {tinted && (
          <label>
            Tinted to, if it is
            <input
              value={colour}
              maxLength={20}
              placeholder="#22384d"
              pattern="#[0-9a-fA-F]{6}|white|grey-light|grey-mid|grey-deep"
              title="A colour as #22384d, or white, grey-light, grey-mid, grey-deep"
              onChange={(e) => setColour(e.target.value)}
              className="block w-36"
            />
          </label>
        )}
        <label className="flex min-h-[44px] items-center gap-2">
          <input type="checkbox" className="size-5 min-h-0" checked={opened} onChange={(e) => setOpened(e.target.checked)} />
          open
        </label>
      </div>
      <Refused error={error} />
      <FormFoot words="Note it" busy={isLoading} disabled={!(readFigure(size) > 0)} onLeave={onDone} className="mt-2" />
    </form>
  );
}
