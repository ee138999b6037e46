import { useState } from 'react';
import { useNavigate } from 'react-router';
import { forgetAnswers } from '../offline/begin.ts';
import { Mark } from '../page/Logo.tsx';
import { Coming } from '../page/Page.tsx';
import { FigureField, LinesField, SelectField, TextField, TickField } from '../form/fields.tsx';
import { Form } from '../form/Form.tsx';
import { Password } from '../form/Password.tsx';
import { useDraft } from '../form/useDraft.ts';
import { newId } from '../store/newId.ts';
import { useFirstRunQuery, useFoundMutation } from '../store/endpoints.ts';
import { readFigure } from '../words/readFigure.ts';
import { CURRENCIES, HEMISPHERE_WORDS, HERE, sayCurrency, sayZone, ZONES } from './places.ts';

const UNITS_WORDS = { metric: 'Metres, litres, °C', us: 'Feet and inches, gallons, °F' };
const PART = 'mt-6 mb-2 border-b border-strong pb-0.5 text-[18px]';

const begins = () => ({
  code: '',
  name: '',
  address: '',
  phone: '',
  email: '',
  timeZone: HERE,
  hemisphere: '' as '' | 'north' | 'south',
  currency: '',
  units: '' as '' | 'metric' | 'us',
  taxName: '',
  taxPct: '',
  taxIncluded: false,
  ownerName: '',
  ownerEmail: '',
});
type Said = ReturnType<typeof begins>;

/** On an empty database: the firm, where it is, in what it is paid, and who owns it. */
export default function FirstRun() {
  const { data, error } = useFirstRunQuery();
  if (!data) return <Coming error={error} />;
  return (
    <main className="mx-auto w-full max-w-[760px] p-4 wide:py-8">
      <Mark />
      <h1 className="mt-2 mb-1 text-[28px]">Found your firm</h1>
      <p className="text-faded">
        Nothing is here yet. What you say here stands on your papers and can be changed later on the page of the firm.
      </p>
      <FoundingForm />
    </main>
  );
}

function FoundingForm() {
  const navigate = useNavigate();
  const draft = useDraft('first-run', begins());
  const [password, setPassword] = useState('');
  const [id] = useState(newId);
  const [found, { error, isLoading }] = useFoundMutation();
  const send = async (said: Said) => {
    await forgetAnswers();
    return found(bodyOf(id, said, password));
  };
  return (
    <Form
      draft={draft}
      label="Found your firm"
      words="Found the firm"
      busy={isLoading}
      error={error}
      className="mt-2"
      onSend={send}
      onSent={() => void navigate('/begin')}
    >
      <h2 className={PART}>The code</h2>
      <TextField
        name="code"
        words="The start command printed it in the window that it runs in"
        required
        autoComplete="off"
        placeholder="ABCD-EFGH-JKLM"
        width="w-60 font-mono"
      />
      <h2 className={PART}>The firm</h2>
      <div className="grid gap-3 wide:grid-cols-2">
        <TextField name="name" words="Name, as it stands on papers" required maxLength={120} />
        <TextField name="phone" words="Phone" maxLength={60} autoComplete="tel" />
        <LinesField name="address" words="Address, a line each" maxLength={400} />
        <TextField name="email" words="E-mail, for clients" type="email" maxLength={160} />
        <SelectField name="timeZone" words="Time zone" options={ZONES} say={sayZone} required />
        <SelectField
          name="hemisphere"
          words="Hemisphere"
          options={['north', 'south'] as const}
          say={(h) => HEMISPHERE_WORDS[`${h}ern`]}
          unsaid="Choose"
          required
        />
      </div>
      <h2 className={PART}>Money and measures</h2>
      <div className="grid gap-3 wide:grid-cols-2">
        <SelectField name="currency" words="Currency" options={CURRENCIES} say={sayCurrency} unsaid="Choose" required />
        <SelectField
          name="units"
          words="Measures"
          options={['metric', 'us'] as const}
          say={(u) => UNITS_WORDS[u]}
          unsaid="Choose"
          required
        />
        <TextField name="taxName" words="What the tax on your work is called" required maxLength={40} />
        <FigureField name="taxPct" words="Its rate, %: 0 where none is charged" required />
        <TickField name="taxIncluded" words="Clients are told prices with the tax in them" className="self-end" />
      </div>
      <h2 className={PART}>The owner</h2>
      <div className="grid gap-3 wide:grid-cols-2">
        <TextField name="ownerName" words="Your name" required maxLength={120} autoComplete="name" />
        <TextField
          name="ownerEmail"
          words="E-mail that you sign in with"
          type="email"
          required
          maxLength={160}
          autoComplete="username"
        />
        <Password words="A password, twelve letters or more" isNew value={password} onType={setPassword} />
      </div>
    </Form>
  );
}

const bodyOf = (id: string, said: Said, password: string) => ({
  id,
  code: said.code.trim(),
  firm: {
    name: said.name.trim(),
    timeZone: said.timeZone,
    hemisphere: said.hemisphere as 'north' | 'south',
    currency: said.currency,
    units: said.units as 'metric' | 'us',
    taxName: said.taxName.trim(),
    taxPct: Math.round(readFigure(said.taxPct) * 100) / 100,
    taxIncluded: said.taxIncluded,
    address: said.address.trim(),
    phone: said.phone.trim(),
    email: said.email.trim(),
  },
  owner: { name: said.ownerName.trim(), email: said.ownerEmail.trim(), password },
});
