import { useState } from 'react';
import { Link } from 'react-router';
import { COLUMN_LABELS, SHELF_COLUMNS, type ShelfFormat } from '@rustic/core';
import { FormFoot } from '../form/FormFoot.tsx';
import { Page, Refused, Total } from '../page/Page.tsx';
import { newId } from '../store/newId.ts';
import { type ShelfLook, useLookAtFileMutation, useTakeInMutation } from '../store/endpoints.ts';
import { FilePick } from '../form/FilePick.tsx';
import { capital } from '../words/figures.ts';
import { fieldWords } from '../words/fieldWords.ts';

/** So many other names of a column are said: a reader knows the rest by them. */
const COLUMNS_SAID = 4;
const MOST_CHARACTERS = 240_000;
/** The columns that are asked most, to be filled in. */
const TEMPLATE = `data:text/csv;charset=utf-8,${encodeURIComponent('name,maker,kind,spread,tins,opens,closes,least °C\n')}`;

/** Products as files, both ways. A file is looked at first; nothing is taken in until that is accepted. */
export default function ShelfFile() {
  const [file, setFile] = useState<{ name: string; format: ShelfFormat; text: string } | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [look, looking] = useLookAtFileMutation();
  const [takeIn, taking] = useTakeInMutation();
  const read = async (given: File) => {
    setFault(null);
    setFile(null);
    taking.reset();
    looking.reset();
    const format: ShelfFormat = /\.json$/i.test(given.name) ? 'json' : 'csv';
    const text = await given.text();
    if (text.length > MOST_CHARACTERS) {
      setFault('This file is too long to be a shelf. Nothing was read; split it and bring the parts.');
      return;
    }
    setFile({ name: given.name, format, text });
    void look({ format, text });
  };
  const accept = () => {
    if (!file || !looking.data) return;
    void takeIn({ id: newId(), format: file.format, text: file.text, seen: looking.data.seen });
  };
  return (
    <Page
      title="Products as files"
      above={
        <Link className="hover:underline" to="/shelf">
          Shelf
        </Link>
      }
      notes={[
        { n: 1, text: 'A file is looked at first: every row that cannot be read is listed. Nothing is taken in until it is accepted.' },
        { n: 2, text: 'The same file taken in again changes nothing. A product that a file does not name stays as it is.' },
        { n: 3, text: 'An empty cell stands for what is usual for the kind; “none” for none at all.' },
        {
          n: 4,
          text: 'Columns may be called as this application or a price list calls them, with any of the usual separators. Prices are in the firm’s currency, tins as “2.5: 37.40; 5: 68” or “1 gal at 62”.',
        },
      ]}
      footing={<Total words="columns of the table" figure={SHELF_COLUMNS.length} />}
    >
      <div className="wide:grid wide:grid-cols-[1fr_2fr] wide:gap-x-10">
        <section aria-labelledby="out" className="mb-5">
          <h2 id="out" className="text-[19px]">
            Take the shelf along
          </h2>
          <p className="flex flex-wrap gap-x-5 wide:flex-col">
            <a className="min-h-[44px] py-2.5 font-semibold underline" href="/api/shelf/file?format=csv" download>
              As a table (CSV)
            </a>
            <a className="min-h-[44px] py-2.5 font-semibold underline" href="/api/shelf/file?format=json" download>
              As JSON
            </a>
            <a className="min-h-[44px] py-2.5 font-semibold underline" href={TEMPLATE} download="products.csv">
              An empty table to fill in
            </a>
          </p>
        </section>
        <section aria-labelledby="in">
          <h2 id="in" className="text-[19px]">
            Bring products in
          </h2>
          <FilePick accept=".csv,.json,text/csv,application/json" onPick={(given) => void read(given)}>
            A table (CSV) or JSON …
          </FilePick>
          {fault && (
            <p role="alert" className="mt-2 text-madder">
              {fault}
            </p>
          )}
          <Refused error={looking.error} />
          {looking.isLoading && <p role="status">Looking at it …</p>}
          {looking.data && file && !taking.data && (
            <>
              <FileLook name={file.name} look={looking.data} />
              <Refused error={taking.error} />
              <FormFoot
                words={acceptWords(looking.data)}
                busy={taking.isLoading}
                disabled={looking.data.added.length + looking.data.changed.length === 0}
                onAct={accept}
                onLeave={() => {
                  setFile(null);
                  looking.reset();
                }}
              />
            </>
          )}
          {taking.data && (
            <p role="status" className="mt-2 font-semibold">
              Taken in: {taking.data.added} new, {taking.data.changed} changed, {taking.data.same} as they were
              {taking.data.leftOut > 0 && `, ${taking.data.leftOut} left out`}.
            </p>
          )}
        </section>
        <Columns />
      </div>
    </Page>
  );
}

/** Columns whose name would not be understood by itself. */
const COLUMN_WORDS: Partial<Record<Column, string>> = {
  id: 'article number',
  family: 'kind',
  spreadM2PerL: 'spread',
  wetFilmUm: 'wet film',
  dryFilmUm: 'dry film',
  vocGPerL: 'VOC, grams a litre',
  does: 'what it does',
  dustFreeMin: 'dust-free',
  recoatMin: 'opens',
  recoatPreferredMin: 'opens, better',
  recoatMaxMin: 'closes',
  handleMin: 'may be handled',
  minTempC: 'least temperature',
  maxTempC: 'most temperature',
  maxRhPct: 'most humidity',
  dewMarginC: 'above the dew point',
  maxWindMs: 'most wind',
  rainSafeMin: 'rain-safe',
  limitsHoldMin: 'its limits hold for',
};
type Column = (typeof SHELF_COLUMNS)[number];
/** A name with a comma in it repeats another with its unit. */
const namesOf = (column: Column) =>
  (COLUMN_LABELS[column] ?? [])
    .filter((name) => !name.includes(','))
    .slice(0, COLUMNS_SAID)
    .join(', ');

/** What the columns are called in a file of ours, and what else they are known by. */
function Columns() {
  return (
    <section aria-labelledby="columns" className="mt-6 wide:col-span-2">
      <h2 id="columns" className="border-b-2 border-ink pb-0.5 text-[19px]">
        What its columns may be called
      </h2>
      <dl className="wide:columns-2 wide:gap-x-10">
        {SHELF_COLUMNS.map((column) => (
          <div key={column} className="flex justify-between gap-4 border-b border-rule py-1">
            <dt className="font-semibold">{capital(COLUMN_WORDS[column] ?? fieldWords(column))}</dt>
            <dd className="text-right text-faded">{namesOf(column)}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

const acceptWords = ({ added, changed, faults }: ShelfLook) => (added.length + changed.length === 0 ? 'Nothing to take in' : faults.length ? 'Take the rest in' : 'Take them in');

function FileLook({ name, look }: { name: string; look: ShelfLook }) {
  return (
    <div className="mt-2">
      <p className="font-semibold">
        {name}: {look.added.length} new, {look.changed.length} changed, {look.same} as they are. Nothing is taken in yet.
      </p>
      {look.columns.length > 0 && (
        <p className="mt-1 text-[14.5px] text-faded">
          {look.columns.map(({ header, column }) => (column === null ? `“${header}” is left aside` : header === column ? header : `“${header}” is taken for ${column}`)).join('; ')}
          .
        </p>
      )}
      {look.faults.length > 0 && (
        <div className="mt-1 border-l-4 border-madder pl-3" role="group" aria-label="Rows that cannot be read">
          {look.faults.map((f, i) => (
            <p key={i} className="text-[14.5px]">
              {f.row > 0 && <strong>Row {f.row}</strong>} {f.path && <span className="text-faded">{fieldWords(f.path)}:</span>} {f.message}
            </p>
          ))}
        </div>
      )}
      <ul className="mt-1 text-[14.5px]">
        {look.added.map((p) => (
          <li key={p.id} className="border-b border-rule py-0.5">
            <strong>{p.name}</strong> <span className="text-faded">{p.maker}, new</span>
          </li>
        ))}
        {look.changed.map(({ product: p, fields }) => (
          <li key={p.id} className="border-b border-rule py-0.5">
            <strong>{p.name}</strong>{' '}
            <span className="text-faded">
              {p.maker}, changes {fields.join(', ')}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
