import { FAMILY_LABELS, inTerms, SUBSTRATE_LABELS, type Family, type Substrate, type Terms } from '@rustic/core';

let terms: Partial<Terms> = {};

/** The firm's own words, once it is known who is signed in. */
export function sayInTermsOf(firm: Partial<Terms>): void {
  terms = firm;
}

/** What the engine says, in the firm's words. What people wrote is never put through it. */
export const said = (text: string) => inTerms(text, terms);
export const sayFamily = (family: Family) => said(FAMILY_LABELS[family]);
export const saySubstrate = (substrate: Substrate) => said(SUBSTRATE_LABELS[substrate]);
