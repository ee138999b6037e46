import { z } from 'zod';
import { MAIL_KINDS, MAIL_LABELS } from '../documents/mail.ts';
import { quoteMark } from '../documents/quote.ts';
import { testWords } from '../documents/testWords.ts';
import { jointName } from '../joints/plan.ts';
import { namedColourSchema } from '../model/colour.ts';
import { houseRulesSchema } from '../model/houseRules.ts';
import { patchShowsSchema } from '../model/records/patches.ts';
import { testSchema } from '../model/test.ts';
import {
  CONDITION_LABELS,
  DAMAGE,
  placedWords,
  WALL_FEATURES,
  CONDITIONS,
  coatsIn,
  FAMILIES,
  FAMILY_LABELS,
  FAULT_LABELS,
  FAULTS,
  HOUSE_RULE_CODES,
  HOUSE_RULE_LABELS,
  JOINT_SIDES,
  TROUBLE_LABELS,
  TROUBLES,
  type HouseRules,
} from '../vocabulary/index.ts';

/** How a page says what an entry only names: products and steps by id, moments and days in the firm's zone. */
export interface EntryNames {
  product(id: string): string;
  step(id: string): string;
  time(at: string): string;
  day(at: string): string;
  date(at: string): string;
}

/** A kind of entry: what its payload has to hold, what it is called, and what it says beside that in one line. */
interface EventKind<S extends z.ZodType> {
  schema: S;
  title: string;
  text(said: z.infer<S>, names: EntryNames): string;
}

/** What every payload may carry beside its own: the id of the row, and a note. What was written stands beside them, as `wrote`. */
const COMMON = { id: z.string().nullish(), note: z.string().nullish() };

const event = <F extends z.ZodRawShape>(
  title: string,
  fields: F,
  text: (said: z.infer<z.ZodObject<F & typeof COMMON>>, names: EntryNames) => string,
) => {
  const schema = z.object({ ...fields, ...COMMON });
  return { title, schema, text } as unknown as EventKind<z.ZodObject<F & typeof COMMON>>;
};

const noted = (words: string, note: string | null | undefined) => (note ? `${words}: ${note}` : words);
const joined = (...parts: (string | null | undefined)[]) => parts.filter(Boolean).join(': ');
const words = z.string();
const named = { name: words.nullish() };
const withdrawal = { name: words.nullish(), reason: words };
const withdrawalText = (p: { name?: string | null | undefined; reason: string }) => joined(p.name, p.reason);
const air = { temperatureC: z.number().nullish(), relativeHumidityPct: z.number().nullish() };
const airText = ({ temperatureC, relativeHumidityPct }: z.infer<z.ZodObject<typeof air>>) =>
  temperatureC == null ? '' : `${temperatureC} °C ${relativeHumidityPct} %`;
const quote = { number: z.number(), version: z.number() };
const reply = { name: words, about: words.nullish(), words };
const replyText = (p: { name: string; about?: string | null | undefined; words: string }) =>
  `${joined(p.name, p.about)}: ${p.words}`;
const jointSaid = { side: z.enum(JOINT_SIDES), otherSide: z.enum(JOINT_SIDES), lengthM: z.number() };
const jointWords = (p: z.infer<z.ZodObject<typeof jointSaid>>) => `${jointName(p)}, ${p.lengthM.toFixed(2)} m`;
const step = { stepId: words };
/** By what the steps that follow are named. */
const steps = z.array(z.unknown()).optional();
const fault = { fault: z.enum(FAULTS), number: z.number(), withWhat: words.nullish() };
const faultText = (p: z.infer<z.ZodObject<typeof fault>> & { note?: string | null | undefined }) =>
  joined(`number ${p.number}, ${FAULT_LABELS[p.fault]}`, p.withWhat, p.note);
const exclusionText = (exclusions: readonly { words: string }[]) =>
  exclusions.map((e) => e.words).join(', ') || 'nothing';

/** The rules that a change moved, with what they are now. */
const rulesText = (from: Partial<HouseRules>, to: Partial<HouseRules>) =>
  HOUSE_RULE_CODES.filter((rule) => from[rule] !== to[rule])
    .map((rule) => {
      const { title, choices } = HOUSE_RULE_LABELS[rule];
      const now = to[rule];
      return `${title}: ${now === undefined ? 'as above it' : choices[now]}`;
    })
    .join('; ');

/** Everything that can happen on a job, one row a kind. What a kind changes in the rows of the job its entry carries. */
export const LEDGER_EVENTS = {
  'job-opened': event('job opened', { title: words }, (p) => p.title),
  'job-changed': event('job changed', { title: words.nullish(), place: words.nullish() }, (p) =>
    joined([p.title, p.place].filter(Boolean).join(', '), p.note),
  ),
  'job-brought-in': event('brought in', { entries: z.number() }, (p) => `${p.entries} entries`),
  'record-carried-forward': event('record carried forward', {}, () => 'every row as it stood'),
  'job-withdrawn': event('job taken out', withdrawal, withdrawalText),
  'job-brought-back': event('job brought back', {}, (p) => p.note ?? ''),
  'room-added': event('room added', named, (p) => p.name ?? ''),
  'room-changed': event('room changed', named, (p) => p.name ?? ''),
  'room-withdrawn': event('room taken out', withdrawal, withdrawalText),
  'room-brought-back': event('room brought back', named, (p) => p.name ?? ''),
  'surface-added': event('surface added', named, (p) => p.name ?? ''),
  'surface-changed': event('surface changed', named, (p) => p.name ?? ''),
  'surface-withdrawn': event('surface taken out', withdrawal, withdrawalText),
  'surface-brought-back': event('surface brought back', named, (p) => p.name ?? ''),
  'exclusions-changed': event('left out', { exclusions: z.array(z.object({ words })) }, (p) =>
    exclusionText(p.exclusions),
  ),
  'parts-coloured': event(
    'parts in colours',
    { parts: z.array(z.object({ name: words })) },
    (p) => p.parts.map((part) => part.name).join(', ') || 'all in one colour',
  ),
  'order-changed': event('order changed', {}, () => ''),
  'campaign-joined': event('campaign joined', named, (p) => p.name ?? ''),
  'campaign-broken': event('campaign broken', { before: z.array(z.object({ campaign: words.nullable() })) }, (p) =>
    [...new Set(p.before.flatMap((b) => b.campaign ?? []))].join(', '),
  ),
  'test-recorded': event('test', { test: testSchema }, (p) => testWords(p.test)),
  'test-corrected': event('test corrected', { test: testSchema }, (p) => noted(testWords(p.test), p.note)),
  'test-withdrawn': event('test taken back', { test: testSchema }, (p) => noted(testWords(p.test), p.note)),
  'test-moved': event('test moved here', { test: testSchema }, (p) => noted(testWords(p.test), p.note)),
  'patches-laid': event(
    'patches laid',
    { families: z.array(z.enum(FAMILIES)), coats: z.number(), place: z.string() },
    (p) =>
      [p.families.map((f) => FAMILY_LABELS[f]).join(' beside '), coatsIn(p.coats), p.place].filter(Boolean).join(', '),
  ),
  'patch-pictured': event(
    'patches measured in a photo',
    { families: z.array(z.enum(FAMILIES)), coats: z.number(), shows: z.array(patchShowsSchema) },
    (p) => p.families.map((f, i) => `${FAMILY_LABELS[f]} ${p.shows[i]?.difference.toFixed(1) ?? ''}`).join(', '),
  ),
  'damage-marked': event(
    'marked on its place',
    { what: z.enum([...DAMAGE, ...WALL_FEATURES]), there: z.boolean(), takesBack: words.nullable() },
    (p) =>
      p.takesBack ? `${placedWords(p.what)}: taken back` : `${placedWords(p.what)}${p.there ? '' : ': sound here'}`,
  ),
  'photo-framed': event('photo set to its wall', { wall: z.number() }, (p) => `wall ${p.wall + 1}`),
  'joint-drawn': event('joint drawn', jointSaid, jointWords),
  'joint-changed': event('joint changed', { ...jointSaid, withdrawn: z.boolean() }, (p) =>
    p.withdrawn ? `${jointWords(p)}: taken off` : jointWords(p),
  ),
  'found-while-working': event('found while working', { conditions: z.array(z.enum(CONDITIONS)) }, (p) =>
    noted(p.conditions.map((c) => CONDITION_LABELS[c]).join(', '), p.note),
  ),
  'photo-kept': event('photo kept', {}, (p) => p.note ?? ''),
  'photo-let-go': event('photo let go', { photoId: words }, (p) => p.note ?? ''),
  'system-chosen': event('system settled', { differs: words, steps }, (p) => p.differs),
  'system-overridden': event(
    'signed for',
    { differs: words, steps, override: z.object({ reason: words, signedAs: words }) },
    (p) => `${p.differs}: ${p.override.reason} Signed ${p.override.signedAs}`,
  ),
  'rules-changed': event('house rules', { from: houseRulesSchema, to: houseRulesSchema }, (p) =>
    joined(rulesText(p.from, p.to), p.note),
  ),
  'way-back-written': event('way back', { fault: z.enum(TROUBLES), cause: words }, (p) =>
    [`${TROUBLE_LABELS[p.fault]}: ${p.cause}`, p.note].filter(Boolean).join(' '),
  ),
  'quote-sent': event('quote sent', quote, quoteMark),
  'quote-agreed': event('agreed', { ...quote, name: words }, (p) => `${p.name}, to ${quoteMark(p)}`),
  'client-asked': event('the client asks', reply, replyText),
  'client-declined': event('the client says no', reply, replyText),
  'client-answered': event('the client was answered', { words }, (p) => p.words),
  'link-made': event('client’s link made', { expiresAt: words }, (p, say) => `open until ${say.date(p.expiresAt)}`),
  'link-revoked': event('client’s link closed', {}, () => ''),
  'mail-written': event(
    'written by e-mail',
    { what: z.enum(MAIL_KINDS), to: words },
    (p) => `${MAIL_LABELS[p.what].toLowerCase()}, to ${p.to}`,
  ),
  'offers-changed': event('ways offered', { offers: z.array(z.unknown()) }, (p) =>
    p.offers.length === 1 ? 'one other way' : `${p.offers.length} other ways`,
  ),
  'client-photos-chosen': event('photos for the client', { photos: z.array(words) }, (p) =>
    p.photos.length === 1 ? 'one is shown' : p.photos.length ? `${p.photos.length} are shown` : 'none is shown',
  ),
  'colours-named': event('colours named', { colours: z.array(namedColourSchema) }, (p) =>
    p.colours.map((one) => one.name).join(', '),
  ),
  'own-sums-changed': event(
    'prices set by hand',
    { lines: z.array(words) },
    (p) => p.lines.join(', ') || 'none any more',
  ),
  'plan-posted': event('plan posted', { finish: words.nullish() }, (p, say) =>
    p.finish ? `finish ${say.time(p.finish)}` : 'cannot be planned',
  ),
  'coat-logged': event('coat laid', { ...step, ...air, productId: words, batch: words }, (p, say) =>
    [say.step(p.stepId), say.product(p.productId), `batch ${p.batch}`, airText(p)].filter(Boolean).join(', '),
  ),
  'step-done': event('step done', step, (p, say) => noted(say.step(p.stepId), p.note)),
  'stretch-done': event(
    'steps done',
    { stepIds: z.array(words), skipped: z.array(words), handsOnMin: z.number().nullish() },
    (p, say) =>
      noted(
        `${p.stepIds.map((id) => say.step(id)).join(', ')}${p.skipped.length ? `; not done: ${p.skipped.map((id) => say.step(id)).join(', ')}` : ''}`,
        p.note,
      ),
  ),
  'work-corrected': event(
    'log put right',
    { ...step, withdrawn: z.boolean().nullish(), batch: words.nullish() },
    (p, say) => joined(say.step(p.stepId), p.withdrawn ? 'it was not done' : p.batch && `batch ${p.batch}`, p.note),
  ),
  'step-held': event('step held', { ...step, reason: words, until: words.nullish() }, (p, say) =>
    joined(say.step(p.stepId), `${p.reason}${p.until ? `, until ${say.time(p.until)}` : ''}`),
  ),
  'step-released': event('step let go', step, (p, say) => joined(say.step(p.stepId), p.note)),
  'follow-up-opened': event('to look at again', { words }, (p) => p.words),
  'follow-up-closed': event('looked at again', {}, (p) => p.note ?? ''),
  'fault-marked': event('fault marked', fault, faultText),
  'fault-mended': event('fault mended', fault, faultText),
  'fault-withdrawn': event('fault taken back', fault, faultText),
  'handed-over': event('handed over', { withWhom: words }, (p) => noted(`with ${p.withWhom}`, p.note)),
  'handover-taken-back': event('hand-over taken back', {}, (p) => p.note ?? ''),
  'handover-tried': event('tried at hand-over', { holds: z.boolean() }, (p) =>
    p.holds ? 'it does' : noted('it does not', p.note),
  ),
  'visit-planned': event(
    'visit fixed',
    { onDay: words, fromTime: words, calls: z.array(z.object({ words })) },
    (p, say) => `${say.day(p.onDay)} ${p.fromTime}: ${p.calls.map((c) => c.words).join('; ')}`,
  ),
  'visit-made': event('visit made', { onDay: words }, (p, say) => joined(say.day(p.onDay), p.note)),
  'visit-called-off': event('visit called off', { onDay: words }, (p, say) => joined(say.day(p.onDay), p.note)),
  'looked-again': event('looked at again', { holds: z.boolean() }, (p) =>
    noted(p.holds ? 'it holds' : 'it does not hold', p.note),
  ),
  'air-read': event('air read', { ...air, hours: z.number().nullish() }, (p) =>
    p.hours == null ? airText(p) : `${p.hours} hours from a file`,
  ),
  'trial-designed': event('trial designed', { title: words }, (p) => p.title),
  'trial-primed': event('trial, primers on', {}, () => ''),
  'trial-topcoated': event('trial, topcoats on', {}, () => ''),
  'trial-look': event('trial, a look', { cell: words, test: testSchema }, (p) => `${p.cell}: ${testWords(p.test)}`),
  'trial-concluded': event('trial concluded', { text: words }, (p) => p.text),
} as const;

export type LedgerKind = keyof typeof LEDGER_EVENTS;
type PayloadOf<K extends LedgerKind> = z.infer<(typeof LEDGER_EVENTS)[K]['schema']> & Readonly<Record<string, unknown>>;

/** What happened: one of the kinds there are, with what its kind has to say. */
export type LedgerEvent = { [K in LedgerKind]: { kind: K; payload: PayloadOf<K> } }[LedgerKind];

const isKind = (kind: string): kind is LedgerKind => Object.hasOwn(LEDGER_EVENTS, kind);

/** What a kind of entry is called; a kind of a later release by its code. */
export const ledgerTitle = (kind: string): string => (isKind(kind) ? LEDGER_EVENTS[kind].title : kind);

/** What an entry has to say by its kind, and nothing else: no row that was written, no sum of money. */
export function ledgerSaid({ kind, payload }: { kind: string; payload: unknown }): Record<string, unknown> {
  const read = isKind(kind) ? LEDGER_EVENTS[kind].schema.safeParse(payload) : null;
  return read?.success ? read.data : {};
}

/** What an entry says in one line, beside its kind; nothing where its payload is not what its kind says. */
export function ledgerText({ kind, payload }: { kind: string; payload: unknown }, names: EntryNames): string {
  if (!isKind(kind)) return '';
  const { schema, text } = LEDGER_EVENTS[kind] as EventKind<z.ZodType>;
  const read = schema.safeParse(payload);
  return read.success ? text(read.data, names) : '';
}
