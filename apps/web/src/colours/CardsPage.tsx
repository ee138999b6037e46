import { useState } from 'react';
import { Link } from 'react-router';
import { CARD_FORMATS, readCard, type CardRead } from '@rustic/core';
import { FilePick } from '../form/FilePick.tsx';
import { Form } from '../form/Form.tsx';
import { TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { newId } from '../store/newId.ts';
import { useMay } from '../store/useMay.ts';
import {
  type ColourCards,
  useColourCardQuery,
  useColourCardsQuery,
  useKeepColourCardMutation,
  useLazyColourCardQuery,
} from '../store/endpoints.ts';
import { keepColours } from './colourFiles.ts';
import { ColourSwatch } from './ColourSwatch.tsx';

type Card = ColourCards['cards'][number];
/** A card of more bytes than this is none. */
const MOST_BYTES = 1_000_000;
const FORMAT_WORDS = { csv: 'table', gpl: 'palette', ase: 'swatches' } as const;

/** The colour cards that the firm keeps: brought in from a file, looked through, taken along. */
export default function CardsPage() {
  const may = useMay();
  const { data, error, refetch } = useColourCardsQuery();
  const [open, setOpen] = useState<string | null>(null);
  const [found, setFound] = useState<{ file: string; read: CardRead } | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [keep, keeping] = useKeepColourCardMutation();
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const look = async (file: File) => {
    setFault(null);
    setFound(null);
    if (file.size > MOST_BYTES) return setFault('This file is too large to be a colour card. Nothing was read.');
    const read = readCard(new Uint8Array(await file.arrayBuffer()));
    if (read.colours.length === 0 && read.faults.length === 0) return setFault('There is no colour in this file.');
    setFound({ file: file.name, read });
  };
  return (
    <Page
      title="Colour cards"
      above={
        <Link className="hover:underline" to="/shelf">
          Shelf
        </Link>
      }
      notes={[
        {
          n: 1,
          text: 'A table has a column for the name, one for the code, and the colour as #rrggbb, as r, g and b, or as L*, a* and b*. Palette (.gpl) and swatch files (.ase) are read as they are.',
        },
        { n: 2, text: 'A chip on a screen only reminds. The card in the hand and the painted sample decide.' },
      ]}
      footing={
        <>
          <Total words="cards" figure={data.cards.length} />
          <Total end words="colours" figure={data.cards.reduce((sum, card) => sum + card.count, 0)} />
        </>
      }
    >
      {may.make && (
        <div className="mb-4">
          <FilePick accept=".csv,.gpl,.ase,text/csv" onPick={(file) => void look(file)}>
            Bring a card in …
          </FilePick>
          {fault && (
            <p role="alert" className="mt-2 text-madder">
              {fault}
            </p>
          )}
          {found && (
            <CardForm
              file={found.file}
              read={found.read}
              busy={keeping.isLoading}
              error={keeping.error}
              onSend={(name, maker) =>
                keep({
                  cardId: newId(),
                  id: newId(),
                  version: null,
                  name,
                  maker,
                  colours: found.read.colours,
                  kept: true,
                })
              }
              onDone={() => setFound(null)}
            />
          )}
        </div>
      )}
      {data.cards.length === 0 && !found && (
        <p className="py-6">
          No card is kept yet. Bring in the file of a maker’s card; its colours are then chosen by their names.
        </p>
      )}
      <ul>
        {data.cards.map((card) => (
          <li key={card.id} className="border-b border-rule py-2">
            <CardLine card={card} isOpen={open === card.id} onOpen={() => setOpen(open === card.id ? null : card.id)} />
          </li>
        ))}
      </ul>
    </Page>
  );
}

function CardLine({ card, isOpen, onOpen }: { card: Card; isOpen: boolean; onOpen: () => void }) {
  const may = useMay();
  const [fetch] = useLazyColourCardQuery();
  const [keep, keeping] = useKeepColourCardMutation();
  const putAway = async () => {
    const { data } = await fetch(card.id);
    if (!data) return;
    const { name, maker, colours, version } = data;
    await keep({ cardId: card.id, id: newId(), version, name, maker, colours, kept: false });
  };
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-x-5">
        <button type="button" aria-expanded={isOpen} className="min-h-[44px] text-left" onClick={onOpen}>
          <strong className="font-serif text-[18px]">{card.name}</strong>{' '}
          <span className="text-faded">
            {[card.maker, `${card.count} ${card.count === 1 ? 'colour' : 'colours'}`].filter(Boolean).join(', ')}
          </span>
        </button>
        <span className="flex flex-wrap gap-x-4 text-sm">
          {CARD_FORMATS.map((format) => (
            <button
              key={format}
              type="button"
              className="min-h-[44px] underline"
              onClick={() =>
                void fetch(card.id).then(({ data }) => data && keepColours(card.name, data.colours, format))
              }
            >
              As {FORMAT_WORDS[format]} (.{format})
            </button>
          ))}
          {may.make && (
            <button
              type="button"
              disabled={keeping.isLoading}
              className="min-h-[44px] underline"
              onClick={() => void putAway()}
            >
              Put away
            </button>
          )}
        </span>
      </div>
      <Refused error={keeping.error} />
      {isOpen && <Chips cardId={card.id} />}
    </>
  );
}

function Chips({ cardId }: { cardId: string }) {
  const { data, error, refetch } = useColourCardQuery(cardId);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  return <ChipGrid chips={data.colours} />;
}

function ChipGrid({ chips }: { chips: CardRead['colours'] }) {
  return (
    <ul className="grid grid-cols-2 gap-x-4 gap-y-1 py-2 wide:grid-cols-4">
      {chips.map(({ colour, name, code }, i) => (
        <li key={i} className="flex items-center gap-2 text-sm">
          <ColourSwatch colour={colour} size="h-[34px] w-[54px]" />
          <span>
            {name} <span className="block text-faded">{code}</span>
          </span>
        </li>
      ))}
    </ul>
  );
}

interface FormProps {
  file: string;
  read: CardRead;
  busy: boolean;
  error: unknown;
  onSend: (name: string, maker: string) => Promise<{ data?: unknown; error?: unknown }>;
  onDone: () => void;
}

/** A file as it was read: what it is called is asked before it is kept. */
function CardForm({ file, read, busy, error, onSend, onDone }: FormProps) {
  const draft = useDraft(`colour-card/${file}`, { name: file.replace(/\.\w+$/, ''), maker: '' });
  return (
    <Form
      draft={draft}
      label="Keep the card"
      words={`Keep ${read.colours.length} ${read.colours.length === 1 ? 'colour' : 'colours'}`}
      busy={busy}
      disabled={read.colours.length === 0}
      error={error}
      className="mt-3 border-y-2 border-ink bg-leaf p-4"
      onSend={({ name, maker }) => onSend(name.trim(), maker.trim())}
      onSent={onDone}
      onLeave={onDone}
    >
      <div className="grid gap-3 wide:grid-cols-2">
        <TextField name="name" words="What the card is called" required maxLength={80} autoFocus />
        <TextField name="maker" words="Whose colours" maxLength={80} />
      </div>
      {read.faults.length > 0 && (
        <div className="mt-2 text-sm">
          <p className="text-madder">
            {read.faults.length} {read.faults.length === 1 ? 'entry' : 'entries'} cannot be read and would be left out:
          </p>
          <ul>
            {read.faults.slice(0, 12).map(({ row, message }, i) => (
              <li key={i}>
                {row > 0 && `${row}: `}
                {message}
              </li>
            ))}
          </ul>
        </div>
      )}
      <ChipGrid chips={read.colours.slice(0, 12)} />
    </Form>
  );
}
