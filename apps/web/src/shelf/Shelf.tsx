import { useState } from 'react';
import { CHEMISTRY_LABELS, FAMILY_LABELS } from '@rustic/core';
import { CHEMISTRY_HUE } from '../drawing/Wedge.tsx';
import { Coming, Page, Total } from '../page/Page.tsx';
import { useShelfQuery } from '../store/api.ts';
import { capital, sayMoney } from '../words/figures.ts';
import { sayLength } from '../words/time.ts';

/** The shelf: products with the figures of their sheets. */
export default function Shelf() {
  const { data, error, refetch } = useShelfQuery();
  const [asked, setAsked] = useState('');
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const q = asked.trim().toLowerCase();
  const shown = data.filter((p) => !q || `${p.name} ${p.maker} ${FAMILY_LABELS[p.family]}`.toLowerCase().includes(q));
  return (
    <Page
      title="Shelf"
      wide
      above="figures at 23 °C and 50 %; the makers are invented"
      footing={
        <>
          <Total words="products" figure={shown.length} />
          <Total words="makers" figure={new Set(shown.map((p) => p.maker)).size} />
        </>
      }
      acts={
        <label className="flex items-center gap-2 text-sm">
          Narrow to
          <input value={asked} onChange={(e) => setAsked(e.target.value)} placeholder="name, maker or kind" className="w-56" />
        </label>
      }
    >
      {shown.length === 0 && <p className="py-6">Nothing on the shelf by that name.</p>}
      <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="Products">
        <table className="w-full border-collapse text-[14.5px]">
          <thead>
            <tr className="border-b border-strong text-left text-[13px] text-faded">
              <th className="py-1.5 font-normal">product</th>
              <th className="font-normal">kind</th>
              <th className="text-right font-normal">m²/L</th>
              <th className="text-right font-normal">dust-free</th>
              <th className="text-right font-normal">opens</th>
              <th className="text-right font-normal">closes</th>
              <th className="text-right font-normal">cure</th>
              <th className="text-right font-normal">least °C</th>
              <th className="text-right font-normal">litre</th>
            </tr>
          </thead>
          <tbody>
            {shown.map((p) => {
              const d = p.drying;
              const time = (m: number | null | undefined) => (m == null ? '' : sayLength(m));
              return (
                <tr key={p.id} className="border-b border-rule">
                  <td className="py-1.5">
                    <span className="font-semibold">{p.name}</span> <span className="text-faded">{p.maker}</span>
                  </td>
                  <td>
                    <span aria-hidden className="mr-1.5 inline-block size-2.5" style={{ background: CHEMISTRY_HUE[d.chemistry] }} />
                    {capital(FAMILY_LABELS[p.family])} <span className="text-faded">{CHEMISTRY_LABELS[d.chemistry]}</span>
                  </td>
                  <td className="text-right">{p.spreadM2PerL}</td>
                  <td className="text-right">{time(d.dustFreeMin)}</td>
                  <td className="text-right">{time(d.recoatMin)}</td>
                  <td className="text-right">{time(d.recoatMaxMin)}</td>
                  <td className="text-right">{d.recoatMin == null ? '' : sayLength(p.cureHours * 60)}</td>
                  <td className="text-right">{d.minTempC}</td>
                  <td className="text-right">{p.tins[0] ? sayMoney(Math.round(p.tins[0].price / p.tins[0].litres), 'GBP') : ''}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </Page>
  );
}
