import { clockShift, shiftedDate } from './clock.mjs';

/** Loaded before anything else of a process (`node --import`), it sets that process's clock by CLOCK_SHIFT_MS. */
if (clockShift()) globalThis.Date = shiftedDate(Date, clockShift());
