import type {
  Paper,
  JobPrice,
  LearnedRate,
  PricedLine,
  PriceSettings,
  Quote,
  QuoteChange,
  QuoteOption,
  ShoppingItem,
} from '@rustic/core';
import type { Job } from './types.ts';

/** A quote as pages have it: the systems behind its options stay on the server. */
export type ShownQuote = Omit<Quote, 'options'> & { options: Omit<QuoteOption, 'system'>[] };

export interface Agreed {
  name: string;
  at: string;
  total: number;
  options: string[];
}

/** The price of a job, how it comes about, and how it stands to what was sent. */
export interface PricePage {
  job: Job;
  draft: ShownQuote;
  /** Names the draft: what is sent is what was looked at. */
  seen: string;
  changes: QuoteChange[];
  sums: Omit<JobPrice, 'lines' | 'products' | 'sundries'>;
  lines: PricedLine[];
  settings: PriceSettings;
  learned: LearnedRate[];
  sent: {
    id: string;
    number: number;
    version: number;
    total: number;
    byName: string;
    sentAt: string;
    agreement: Agreed | null;
  }[];
  latest: { id: string; number: number; version: number } | null;
  agreement: (Agreed & { documentId: string }) | null;
  link: { expiresAt: string; madeAt: string; opened: string | null } | null;
}

export interface ShoppingPage {
  job: { id: string; title: string };
  currency: string;
  items: (ShoppingItem & { had: number; by: string | null })[];
  fromVan: { name: string; maker: string; colour: string | null; batch: string; litres: number }[];
}

/** What a client sees behind a private link. */
export interface ClientView {
  documentId: string;
  marked: string;
  sentAt: string;
  expiresAt: string;
  timeZone: string;
  quote: ShownQuote;
  changes: QuoteChange[];
  agreement: Agreed | null;
  before: Agreed | null;
  /** How to look after what is finished; null while nothing is. */
  care: Paper | null;
}
