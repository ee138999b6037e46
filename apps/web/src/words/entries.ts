import {
  CONDITION_LABELS,
  FAULT_LABELS,
  HOUSE_RULE_CODES,
  HOUSE_RULE_LABELS,
  quoteMark,
  type Condition,
  type Fault,
  type HouseRules,
  type TestRecord,
} from '@rustic/core';
import type { Override } from '../store/systemTypes.ts';
import type { Entry, Exclusion } from '../store/types.ts';
import { sayTest } from '../surface/reasons.ts';
import { sayDate, sayDay, sayTime } from './time.ts';

/** What each kind of entry is called. */
export const ENTRY_WORDS: Record<string, string> = {
  'job-opened': 'job opened',
  'job-changed': 'job changed',
  'job-brought-in': 'brought in',
  'room-added': 'room added',
  'room-changed': 'room changed',
  'surface-added': 'surface added',
  'surface-changed': 'surface changed',
  'exclusions-changed': 'left out',
  'order-changed': 'order changed',
  'campaign-joined': 'campaign joined',
  'campaign-broken': 'campaign broken',
  'test-recorded': 'test',
  'test-corrected': 'test corrected',
  'found-while-working': 'found while working',
  'photo-kept': 'photo kept',
  'photo-let-go': 'photo let go',
  'system-chosen': 'system settled',
  'system-overridden': 'signed for',
  'rules-changed': 'house rules',
  'way-back-written': 'way back',
  'quote-sent': 'quote sent',
  'quote-agreed': 'agreed',
  'link-made': 'client’s link made',
  'link-revoked': 'client’s link closed',
  'offers-changed': 'ways offered',
  'plan-posted': 'plan posted',
  'coat-logged': 'coat laid',
  'step-done': 'step done',
  'work-corrected': 'log put right',
  'step-held': 'step held',
  'step-released': 'step let go',
  'follow-up-opened': 'to look at again',
  'follow-up-closed': 'looked at again',
  'fault-marked': 'fault marked',
  'fault-mended': 'fault mended',
  'fault-withdrawn': 'fault taken back',
  'handover-tried': 'tried at hand-over',
  'visit-planned': 'visit fixed',
  'visit-made': 'visit made',
  'visit-called-off': 'visit called off',
  'looked-again': 'looked at again',
  'air-read': 'air read',
  'trial-designed': 'trial designed',
  'trial-primed': 'trial, primers on',
  'trial-topcoated': 'trial, topcoats on',
  'trial-look': 'trial, a look',
  'trial-concluded': 'trial concluded',
};

interface Payload extends Record<string, unknown> {
  test?: TestRecord;
  cell?: string;
  note?: string;
  conditions?: Condition[];
  exclusions?: Exclusion[];
  override?: Override;
  fault?: Fault;
  calls?: { words: string }[];
  from?: Partial<HouseRules>;
  to?: Partial<HouseRules>;
  offers?: unknown[];
  before?: { campaign: string | null }[];
}

const quoteSaid = (p: Payload) => quoteMark({ number: Number(p['number']), version: Number(p['version']) });

/** The rules that a change moved, with what they are now. */
function rulesSaid(from: Partial<HouseRules>, to: Partial<HouseRules>): string {
  return HOUSE_RULE_CODES.filter((rule) => from[rule] !== to[rule])
    .map((rule) => {
      const { title, choices } = HOUSE_RULE_LABELS[rule];
      const now = to[rule];
      return `${title}: ${now === undefined ? 'as above it' : choices[now]}`;
    })
    .join('; ');
}

/** What an entry says in one line, beside its kind. */
export function sayEntry(entry: Pick<Entry, 'kind' | 'payload'>, products: ReadonlyMap<string, string>): string {
  const p = entry.payload as Payload;
  const text = (name: string) => String(p[name] ?? '');
  switch (entry.kind) {
    case 'trial-look':
      return `${p.cell}: ${sayTest(p.test!)}`;
    case 'test-corrected':
      return `${sayTest(p.test!)}: ${p.note ?? ''}`;
    case 'coat-logged':
      return `${products.get(text('productId')) ?? text('productId')}, batch ${text('batch')}, ${text('temperatureC')} °C ${text('relativeHumidityPct')} %`;
    case 'work-corrected':
      return [p['withdrawn'] ? 'it was not done' : text('batch') && `batch ${text('batch')}`, p.note]
        .filter(Boolean)
        .join(': ');
    case 'step-held':
      return `${text('reason')}${p['until'] ? `, until ${sayTime(text('until'))}` : ''}`;
    case 'follow-up-opened':
      return text('words');
    case 'fault-marked':
    case 'fault-mended':
    case 'fault-withdrawn':
      return [`number ${text('number')}, ${FAULT_LABELS[p.fault!]}`, text('withWhat'), p.note]
        .filter(Boolean)
        .join(': ');
    case 'handover-tried':
      return p['holds'] ? 'it does' : `it does not${p.note ? `: ${p.note}` : ''}`;
    case 'visit-planned':
      return `${sayDay(text('onDay'))} ${text('fromTime')}: ${(p.calls ?? []).map((c) => c.words).join('; ')}`;
    case 'visit-made':
    case 'visit-called-off':
      return [sayDay(text('onDay')), p.note].filter(Boolean).join(': ');
    case 'looked-again':
      return `${p['holds'] ? 'it holds' : 'it does not hold'}${p.note ? `: ${p.note}` : ''}`;
    case 'air-read':
      return `${text('temperatureC')} °C ${text('relativeHumidityPct')} %`;
    case 'system-chosen':
      return text('differs');
    case 'system-overridden':
      return `${text('differs')}: ${p.override!.reason} Signed ${p.override!.signedAs}`;
    case 'rules-changed':
      return [rulesSaid(p.from!, p.to!), p.note].filter(Boolean).join(': ');
    case 'way-back-written':
      return `${FAULT_LABELS[p.fault!]}: ${text('cause')}${p.note ? ` ${p.note}` : ''}`;
    case 'quote-sent':
      return quoteSaid(p);
    case 'quote-agreed':
      return `${text('name')}, to ${quoteSaid(p)}`;
    case 'link-made':
      return `open until ${sayDate(text('expiresAt'))}`;
    case 'offers-changed':
      return p.offers!.length === 1 ? 'one other way' : `${p.offers!.length} other ways`;
    case 'plan-posted':
      return p['finish'] ? `finish ${sayTime(text('finish'))}` : 'cannot be planned';
    case 'found-while-working':
      return [p.conditions!.map((c) => CONDITION_LABELS[c]).join(', '), p.note].filter(Boolean).join(': ');
    case 'exclusions-changed':
      return p.exclusions!.map((e) => e.words).join(', ') || 'nothing';
    case 'campaign-broken':
      return [...new Set(p.before!.flatMap((b) => b.campaign ?? []))].join(', ');
    case 'trial-concluded':
      return text('text');
    default:
      return p.test ? sayTest(p.test) : text('name') || text('title') || text('note');
  }
}
