import { USUAL_TERMS, type Terms } from '@rustic/core';
import type { FirmEntity } from '../record/firmEntities.ts';

/** The measures that a firm speaks in. */
export const unitsOf = ({ terms }: Pick<FirmEntity, 'terms'>): Terms['units'] => terms.units ?? USUAL_TERMS.units;
