import { useSight } from '../store/store.ts';
import { measuresOf, type Measures } from './measures.ts';

/** The measures that whoever is here has chosen. */
export const useMeasures = (): Measures => measuresOf(useSight((s) => s.units));
