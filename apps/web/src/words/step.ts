import { stepWords, type Step } from '@rustic/core';
import { said } from './terms.ts';

/** A step as a painter of this firm would write it. */
export const sayStep = (step: Step): string => said(stepWords(step));
