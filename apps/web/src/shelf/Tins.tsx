import { useState } from 'react';
import { nowText } from '../clock/clock.ts';
import { newId } from '../store/newId.ts';
import { type KeptProduct, type Tin, useAddTinMutation, useChangeTinMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Button } from '../form/Button.tsx';
import { Form } from '../form/Form.tsx';
import { FigureField, TextField, TickField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { useMeasures } from '../words/useMeasures.ts';
import { describeColour, sayVolume } from '@rustic/core';
import { capital } from '../words/figures.ts';

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
  const { units } = useMeasures();
  const { sayDate } = useWords();
  const [weighing, setWeighing] = useState(false);
  return (
    <li className="border-b border-rule py-1">
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <span>
          <strong>{sayVolume(tin.litres, units)}</strong>, batch {tin.batch || 'not noted'}
          {tin.colour && `, ${tin.colour.startsWith('#') ? describeColour(tin.colour) : tin.colour}`}
          <span className="text-faded">, {tin.openedAt ? `opened ${sayDate(tin.openedAt)}` : 'not opened'}</span>
        </span>
        {!weighing && (
          <Button look="plain" className="text-sm" onClick={() => setWeighing(true)}>
            Weigh it
          </Button>
        )}
      </div>
      {weighing && <WeighTin tin={tin} onDone={() => setWeighing(false)} />}
    </li>
  );
}

function WeighTin({ tin, onDone }: { tin: Tin; onDone: () => void }) {
  const { volume } = useMeasures();
  const draft = useDraft(`tin/${tin.id}`, { version: tin.version, left: volume.say(tin.litres) });
  const [change, { isLoading, error }] = useChangeTinMutation();
  const send = ({ left, version }: typeof draft.said) => {
    const opened = tin.openedAt ? {} : { openedAt: nowText() };
    return change({ tinId: tin.id, id: newId(), version, litres: volume.read(left), ...opened });
  };
  return (
    <Form
      draft={draft}
      label="What is left in the tin"
      words="Keep"
      busy={isLoading}
      error={error}
      className="flex flex-wrap items-end gap-3 pb-1"
      footClass=""
      onSend={send}
      onSent={onDone}
      onLeave={onDone}
    >
      <FigureField name="left" words={`${capital(volume.many)} left`} required isRead={(text) => volume.read(text) >= 0} />
    </Form>
  );
}

function AddTin({ product, onDone }: { product: KeptProduct; onDone: () => void }) {
  const { volume } = useMeasures();
  const draft = useDraft(`new-tin/${product.id}`, { batch: '', size: '', opened: false, colour: '' });
  const tinted = product.tints === 'any' || product.tints === 'greys';
  const [add, { isLoading, error }] = useAddTinMutation();
  const send = ({ batch, size, opened, colour }: typeof draft.said) =>
    add({
      id: newId(),
      productId: product.id,
      batch,
      openedAt: opened ? nowText() : null,
      litres: volume.read(size),
      colour: colour.trim().toLowerCase() || null,
    });
  return (
    <Form draft={draft} label="A tin" words="Note it" busy={isLoading} error={error} className="py-1" footClass="mt-2" onSend={send} onSent={onDone} onLeave={onDone}>
      <div className="flex flex-wrap items-end gap-3">
        <TextField name="batch" words="Batch" maxLength={80} width="w-32" />
        <FigureField name="size" words={capital(volume.many)} required isRead={(text) => volume.read(text) > 0} />
        {tinted && (
          <TextField
            name="colour"
            words="Tinted to, if it is"
            maxLength={20}
            placeholder="#22384d"
            pattern="#[0-9a-fA-F]{6}|white|grey-light|grey-mid|grey-deep"
            title="A colour as #22384d, or white, grey-light, grey-mid, grey-deep"
            width="w-36"
          />
        )}
        <TickField name="opened" words="open" />
      </div>
    </Form>
  );
}
