import type { Supplier } from '@rustic/core';
import { useState } from 'react';
import { FigureField, TextField, TickField } from '../form/fields.tsx';
import { Form } from '../form/Form.tsx';
import { useDraft } from '../form/useDraft.ts';
import { Refused } from '../page/Page.tsx';
import { newId } from '../store/newId.ts';
import { type Session, useChangeFirmMutation } from '../store/endpoints.ts';
import { WEEKDAYS } from '@rustic/core';

const QUIET = 'min-h-[44px] underline wide:min-h-[30px]';

/** Where the firm buys: whose tins, sundries or not, on which days, ordered by when. */
export function Suppliers({ firm }: { firm: Session['firm'] }) {
  const [open, setOpen] = useState<number | 'new' | null>(null);
  const [change, { error, isLoading }] = useChangeFirmMutation();
  const put = (suppliers: Supplier[]) => change({ id: newId(), version: firm.version, suppliers });
  const at = (i: number, supplier: Supplier) => firm.suppliers.map((s, j) => (j === i ? supplier : s));
  return (
    <>
      {firm.suppliers.length === 0 && (
        <p className="my-2 text-faded">Nobody yet. Write down where you buy, and shopping lists are sorted by it.</p>
      )}
      <ul>
        {firm.suppliers.map((s, i) => (
          <li key={s.name} className="border-b border-rule py-2">
            {open === i ? (
              <SupplierForm
                supplier={s}
                busy={isLoading}
                onKeep={(kept) => put(at(i, kept))}
                onLeave={() => setOpen(null)}
              />
            ) : (
              <div className="flex flex-wrap items-baseline gap-x-4">
                <strong>{s.name}</strong>
                <span className="text-faded">{supplierWords(s)}</span>
                <span className="ml-auto flex gap-4">
                  <button type="button" className={QUIET} onClick={() => setOpen(i)}>
                    Change
                  </button>
                  <button
                    type="button"
                    className={QUIET}
                    onClick={() => void put(firm.suppliers.filter((_s, j) => j !== i))}
                  >
                    Take it out
                  </button>
                </span>
              </div>
            )}
          </li>
        ))}
      </ul>
      {open === 'new' ? (
        <SupplierForm
          supplier={null}
          busy={isLoading}
          onKeep={(kept) => put([...firm.suppliers, kept])}
          onLeave={() => setOpen(null)}
        />
      ) : (
        <button type="button" className={QUIET} onClick={() => setOpen('new')}>
          Another supplier
        </button>
      )}
      <Refused error={error} />
    </>
  );
}

const supplierWords = ({ makers, sundries, days, orderBy }: Supplier) =>
  [
    makers.join(', '),
    sundries ? 'sundries' : '',
    days.length === 7 ? 'every day' : days.map((d) => WEEKDAYS[d - 1]).join(' '),
    orderBy ? `order by ${orderBy}` : '',
  ]
    .filter(Boolean)
    .join(' · ');

interface FormProps {
  supplier: Supplier | null;
  busy: boolean;
  onKeep: (supplier: Supplier) => Promise<{ data?: unknown; error?: unknown }>;
  onLeave: () => void;
}

const isClock = (text: string) => /^([01]?\d|2[0-3]):[0-5]\d$/.test(text.trim());

function SupplierForm({ supplier, busy, onKeep, onLeave }: FormProps) {
  const draft = useDraft(`supplier/${supplier?.name ?? 'new'}`, {
    name: supplier?.name ?? '',
    makers: supplier?.makers.join(', ') ?? '',
    sundries: supplier?.sundries ?? false,
    orderBy: supplier?.orderBy ?? '',
    ...Object.fromEntries(WEEKDAYS.map((day, i) => [day, supplier ? supplier.days.includes(i + 1) : i < 5])),
  } as Record<string, string | boolean>);
  const send = (said: Record<string, string | boolean>) =>
    onKeep({
      name: String(said['name']).trim(),
      makers: String(said['makers'])
        .split(',')
        .map((maker) => maker.trim())
        .filter(Boolean),
      sundries: said['sundries'] === true,
      days: WEEKDAYS.flatMap((day, i) => (said[day] === true ? [i + 1] : [])),
      orderBy: said['orderBy'] ? String(said['orderBy']).trim().padStart(5, '0') : null,
    });
  return (
    <Form
      draft={draft}
      label={supplier ? supplier.name : 'Another supplier'}
      words="Keep it"
      leave="Leave it"
      busy={busy}
      className="my-2 flex flex-wrap items-end gap-x-4 gap-y-2"
      onSend={send}
      onSent={onLeave}
      onLeave={onLeave}
    >
      <TextField name="name" words="Name" required maxLength={120} width="w-56" />
      <TextField name="makers" words="Whose tins, with commas between" width="w-72" />
      <FigureField name="orderBy" words="Order by" isRead={isClock} inputMode="text" placeholder="16:00" />
      <TickField name="sundries" words="Sundries too" />
      <fieldset className="flex w-full flex-wrap gap-x-4">
        <legend className="text-sm">Days</legend>
        {WEEKDAYS.map((day) => (
          <TickField key={day} name={day} words={day} />
        ))}
      </fieldset>
    </Form>
  );
}
