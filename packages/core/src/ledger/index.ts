export { chained, checkChain, hashOf, CHAIN_START, type ChainCheck, type Entry, type EntryBody } from './chain.ts';
export {
  LEDGER_EVENTS,
  ledgerSaid,
  ledgerText,
  ledgerTitle,
  type EntryNames,
  type LedgerEvent,
  type LedgerKind,
} from './events.ts';
export { recordCsv } from './recordCsv.ts';
export { applyEntry, nothingReplayed, replay, type Replayed } from './replay.ts';
export { stepNamesIn } from './stepNames.ts';
export { isMutable, MUTABLE_ROWS, wroteRow, wroteSchema, type RowsOfJob, type Wrote } from './wrote.ts';
