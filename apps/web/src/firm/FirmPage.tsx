import { HEMISPHERES, minorUnits, type Letterhead } from '@rustic/core';
import { Coming, Page } from '../page/Page.tsx';
import { CoordinatesField, coordinatesSaid, coordinatesTyped } from '../form/CoordinatesField.tsx';
import { FigureField, LinesField, SelectField, TextField, TickField } from '../form/fields.tsx';
import { Form } from '../form/Form.tsx';
import { useDraft } from '../form/useDraft.ts';
import { CURRENCIES, HEMISPHERE_WORDS, sayCurrency, sayZone, ZONES } from '../founding/places.ts';
import { newId } from '../store/newId.ts';
import { type Session, useChangeFirmMutation, useFirmLogoQuery, useSessionQuery } from '../store/endpoints.ts';
import { readFigure } from '../words/readFigure.ts';
import { Backups } from './Backups.tsx';
import { LetterheadAsPrinted } from './LetterheadAsPrinted.tsx';
import { LogoPick } from './LogoPick.tsx';
import { Suppliers } from './Suppliers.tsx';

const HEAD = 'mt-6 border-b-2 border-ink pb-0.5 text-[19px] first:mt-0';

/** What the firm says of itself: where it is, how it is paid, its papers, where it buys. */
export default function FirmPage() {
  const { data, error, refetch } = useSessionQuery();
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const owner = data.person.role === 'owner';
  return (
    <Page
      title="The firm"
      above={data.firm.name}
      notes={[
        { n: 1, text: 'What was sent stays as it was sent: a change here stands on the next paper.' },
        {
          n: 2,
          text: 'Another currency changes what figures are called, and none of them: look through prices after it.',
        },
      ]}
    >
      {owner ? (
        <Owned firm={data.firm} />
      ) : (
        <LetterheadAsPrinted name={data.firm.name} letterhead={data.firm.letterhead} />
      )}
    </Page>
  );
}

function Owned({ firm }: { firm: Session['firm'] }) {
  return (
    <>
      <h2 className={HEAD}>Where it is, and its money</h2>
      <PlaceForm firm={firm} />
      <h2 className={HEAD}>On its papers</h2>
      <PapersForm firm={firm} />
      <h2 className={HEAD}>Where it buys</h2>
      <Suppliers firm={firm} />
      <Backups />
    </>
  );
}

function PlaceForm({ firm }: { firm: Session['firm'] }) {
  const draft = useDraft('firm-place', {
    name: firm.name,
    yard: coordinatesTyped(firm.yard),
    timeZone: firm.timeZone,
    hemisphere: firm.hemisphere,
    currency: firm.currency,
    taxName: firm.pricing?.taxName ?? '',
    taxIncluded: firm.pricing?.taxIncluded ?? false,
    tax: firm.pricing?.tax === undefined ? '' : String(firm.pricing.tax / 100),
    hour: firm.pricing?.hourCost === undefined ? '' : String(firm.pricing.hourCost / minorUnits(firm.currency)),
  });
  const [change, { error, isLoading, isSuccess }] = useChangeFirmMutation();
  return (
    <Form
      draft={draft}
      label="Where it is"
      words="Keep it"
      busy={isLoading}
      error={error}
      className="mt-2 grid gap-3 wide:grid-cols-2"
      footClass="wide:col-span-2"
      onSend={({ taxName, tax, taxIncluded, hour, yard, ...place }) =>
        change({
          id: newId(),
          version: firm.version,
          ...place,
          yard: coordinatesSaid(yard),
          pricing: {
            taxIncluded,
            ...(taxName && tax ? { taxName, tax: Math.round(readFigure(tax) * 100) } : {}),
            ...(hour ? { hourCost: Math.round(readFigure(hour) * minorUnits(place.currency)) } : {}),
          },
        })
      }
      beside={isSuccess && <span role="status">Kept.</span>}
    >
      <TextField name="name" words="Name, as it stands on papers" required maxLength={120} />
      <CoordinatesField name="yard" words="Where its yard is: coordinates from a map or a phone" />
      <SelectField name="timeZone" words="Time zone" options={ZONES} say={sayZone} required />
      <SelectField
        name="hemisphere"
        words="Hemisphere"
        options={HEMISPHERES}
        say={(h) => HEMISPHERE_WORDS[h]}
        required
      />
      <SelectField name="currency" words="Currency" options={CURRENCIES} say={sayCurrency} required />
      <TextField name="taxName" words="What the tax on its work is called" maxLength={40} />
      <FigureField name="tax" words="Its rate, %" />
      <TickField name="taxIncluded" words="Clients are told prices with the tax in them" className="self-end" />
      <FigureField name="hour" words="What an hour of one painter costs it" />
    </Form>
  );
}

const asTyped = (letterhead: Partial<Letterhead>) => ({
  address: letterhead.address ?? '',
  phone: letterhead.phone ?? '',
  email: letterhead.email ?? '',
  taxNumber: letterhead.taxNumber ?? '',
  registration: letterhead.registration ?? '',
  payment: letterhead.payment ?? '',
  quoteTerms: letterhead.quoteTerms ?? '',
  quotesFrom: String(letterhead.quotesFrom ?? 1),
});

function PapersForm({ firm }: { firm: Session['firm'] }) {
  const draft = useDraft('firm-papers', asTyped(firm.letterhead));
  const { data: logo } = useFirmLogoQuery();
  const [change, { error, isLoading, isSuccess }] = useChangeFirmMutation();
  return (
    <div className="mt-2 grid gap-6 wide:grid-cols-[1fr_300px]">
      <Form
        draft={draft}
        label="On its papers"
        words="Keep it"
        busy={isLoading}
        error={error}
        className="grid gap-3 wide:grid-cols-2"
        footClass="wide:col-span-2"
        onSend={({ quotesFrom, ...letterhead }) =>
          change({
            id: newId(),
            version: firm.version,
            letterhead: { ...letterhead, quotesFrom: Math.max(1, Math.round(readFigure(quotesFrom)) || 1) },
          })
        }
        beside={isSuccess && <span role="status">Kept.</span>}
      >
        <LogoPick firm={firm} />
        <LinesField name="address" words="Address, a line each" maxLength={400} className="wide:col-span-2" />
        <TextField name="phone" words="Phone" maxLength={60} />
        <TextField name="email" words="E-mail" type="email" maxLength={160} />
        <TextField name="taxNumber" words="Tax number, as it is printed" maxLength={60} />
        <TextField name="registration" words="Registration, as it is printed" maxLength={80} />
        <LinesField name="payment" words="When what is paid" maxLength={600} className="wide:col-span-2" />
        <LinesField name="quoteTerms" words="Terms under every quote" maxLength={4000} className="wide:col-span-2" />
        <FigureField name="quotesFrom" words="The first quote has number" inputMode="numeric" />
      </Form>
      <LetterheadAsPrinted name={firm.name} letterhead={draft.said} logo={logo?.logo ?? undefined} />
    </div>
  );
}
