export { chained, checkChain, hashOf, CHAIN_START, type ChainCheck, type Entry, type EntryBody } from './chain.ts';
export { recordCsv } from './recordCsv.ts';
