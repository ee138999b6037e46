import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { CHEMISTRY_LABELS, makerWords, sayVolume } from '@rustic/core';
import { CHEMISTRY_HUE } from '../drawing/Wedge.tsx';
import { Act } from '../page/Act.tsx';
import { Coming, Page, Total } from '../page/Page.tsx';
import { capital, sayMoney, isTold } from '../words/figures.ts';
import { sayLength } from '../words/time.ts';
import { claimsOf } from './claims.ts';
import { ProductForm } from './ProductForm.tsx';
import { type KeptProduct, useSessionQuery, useShelfQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Typed } from '../form/atOnce.tsx';
import { pricePerUnit } from '../words/measures.ts';
import { useMeasures } from '../words/useMeasures.ts';

const litresIn = (p: KeptProduct) => p.van.reduce((sum, tin) => sum + tin.litres, 0);

/** The shelf: products with the figures of their sheets, what is in the van, and what was found out. */
export default function Shelf() {
  const { sayFamily } = useWords();
  const measures = useMeasures();
  const navigate = useNavigate();
  const { data, error, refetch } = useShelfQuery();
  const { data: session } = useSessionQuery();
  const [asked, setAsked] = useState('');
  const [only, setOnly] = useState<'all' | 'van'>('all');
  const [adding, setAdding] = useState(false);
  if (!data || !session) return <Coming error={error} again={() => void refetch()} />;
  const q = asked.trim().toLowerCase();
  const shown = data.filter((p) => (p.kept || q !== '') && (only === 'all' || litresIn(p) > 0) && (!q || `${p.name} ${p.maker} ${sayFamily(p.family)}`.toLowerCase().includes(q)));
  return (
    <Page
      title="Shelf"
      wide
      above={measures.inUnits('figures at 23 °C and 50 %; a product’s own sheet wins over what is usual for its kind')}
      footing={
        <>
          <Total words="products" figure={shown.length} />
          <Total words="makers" figure={new Set(shown.map((p) => p.maker).filter(Boolean)).size} />
          <Total words="tins in the van" figure={data.reduce((n, p) => n + p.van.filter((t) => t.litres > 0).length, 0)} />
          <Total
            end
            words="in the van"
            figure={sayVolume(
              data.reduce((sum, p) => sum + litresIn(p), 0),
              measures.units,
            )}
          />
        </>
      }
      acts={
        <>
          <Typed words="Narrow to" asked="before" value={asked} onType={setAsked} placeholder="name, maker or kind" width="w-44" />
          <Act letter="v" words={only === 'van' ? 'The whole shelf' : 'In the van'} onAct={() => setOnly(only === 'van' ? 'all' : 'van')} />
          <Act letter="a" words="Add" onAct={() => setAdding(!adding)} />
          <Act letter="f" words="Files" onAct={() => void navigate('/shelf/file')} />
          <Act letter="c" words="Colour cards" onAct={() => void navigate('/shelf/colours')} />
          <Act letter="r" words="Reckon" onAct={() => void navigate('/shelf/reckon')} />
          <Act letter="j" words="For the jobs ahead" main onAct={() => void navigate('/shelf/coming')} />
        </>
      }
    >
      {adding && <ProductForm product={null} currency={session.firm.currency} onDone={() => setAdding(false)} />}
      {shown.length === 0 && <p className="py-6">{q ? 'Nothing on the shelf by that name.' : 'Nothing in the van. Open a product and note a tin.'}</p>}
      <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="Products">
        <table className="w-full border-collapse text-[14.5px]">
          <thead>
            <tr className="border-b border-strong text-left text-[13px] text-faded">
              <th className="py-1.5 font-normal">product</th>
              <th className="font-normal">kind</th>
              <th className="text-right font-normal">in the van</th>
              <th className="text-right font-normal">{measures.spread.unit}</th>
              <th className="text-right font-normal">opens</th>
              <th className="text-right font-normal">closes</th>
              <th className="text-right font-normal">cure</th>
              <th className="text-right font-normal">least {measures.temperature.unit}</th>
              <th className="text-right font-normal">a {measures.volume.unit}</th>
            </tr>
          </thead>
          <tbody>
            {shown.map((p) => (
              <Row key={p.id} p={p} currency={session.firm.currency} />
            ))}
          </tbody>
        </table>
      </div>
    </Page>
  );
}

function Row({ p, currency }: { p: KeptProduct; currency: string }) {
  const { sayFamily } = useWords();
  const measures = useMeasures();
  const d = p.drying;
  const time = (m: number | null | undefined) => (m == null ? '' : sayLength(m));
  const refuted = claimsOf(p.notes).filter((c) => c.standing === 'refuted').length;
  const inVan = litresIn(p);
  return (
    <tr className={`border-b border-rule ${p.kept ? '' : 'text-faded line-through'}`}>
      <td className="py-1.5">
        <Link className="font-semibold hover:underline" to={`/shelf/products/${p.id}`}>
          {p.name}
        </Link>{' '}
        <span className="text-faded">{makerWords(p)}</span>
        {p.notes.length > 0 && (
          <span className="ml-1.5 text-[13px] text-faded">
            {p.notes.length} {p.notes.length === 1 ? 'note' : 'notes'}
            {refuted > 0 && <strong className="text-madder">, a claim refuted</strong>}
          </span>
        )}
      </td>
      <td>
        <span aria-hidden className="mr-1.5 inline-block size-2.5" style={{ background: CHEMISTRY_HUE[d.chemistry] }} />
        {capital(sayFamily(p.family))} <span className="text-faded">{CHEMISTRY_LABELS[d.chemistry]}</span>
      </td>
      <td className="text-right font-semibold">{inVan > 0 ? sayVolume(inVan, measures.units) : ''}</td>
      <td className="text-right">{measures.spread.say(p.spreadM2PerL)}</td>
      <td className="text-right">{time(d.recoatMin)}</td>
      <td className="text-right">{time(d.recoatMaxMin)}</td>
      <td className="text-right">{d.recoatMin == null ? '' : sayLength(p.cureHours * 60)}</td>
      <td className="text-right">{d.minTempC == null ? '' : measures.temperature.say(d.minTempC)}</td>
      <td className="text-right">{p.tins[0] && isTold(p.tins[0].price) ? sayMoney(pricePerUnit(p.tins[0].price, p.tins[0].litres, measures), currency) : ''}</td>
    </tr>
  );
}
