import { CONDITION_LABELS, type Condition, type TestRecord } from '@rustic/core';
import type { Entry, Exclusion } from '../store/types.ts';
import { sayTest } from '../surface/reasons.ts';
import { sayTime } from './time.ts';

/** What each kind of entry is called. */
export const ENTRY_WORDS: Record<string, string> = {
  'job-opened': 'job opened',
  'job-changed': 'job changed',
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
  'system-chosen': 'system settled',
  'plan-posted': 'plan posted',
  'coat-logged': 'coat laid',
  'step-done': 'step done',
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
  before?: { campaign: string | null }[];
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
    case 'air-read':
      return `${text('temperatureC')} °C ${text('relativeHumidityPct')} %`;
    case 'system-chosen':
      return text('differs');
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
