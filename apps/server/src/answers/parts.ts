import { hoursSchema, JOB_RECORDS, jobRecord, overrideSchema } from '@rustic/core';
import { z } from 'zod';
import { aboutMoney, answer, core, figure, from, like, named, rowOf, sum, text } from './answer.ts';

/** What many answers hold. Sums are marked; what is not named here is not told to whoever does not see prices. */

const { offers: offersOfJob, ownSums: sumsOfJob, ...plainJob } = jobRecord.fields;
export const inJob = { jobId: text };
const versioned = { version: figure };
/** The days and hours on which a person works. */
export const hours = like(hoursSchema);

/** What a system takes and costs. */
export const systemPrice = named('SystemCost', {
  minutes: figure,
  litres: figure,
  waitingMin: figure,
  labour: sum,
  materials: sum,
  cost: sum,
});

export const jobFields = {
  ...rowOf({ ...jobRecord, fields: plainJob }),
  ...versioned,
  /** Ways put to the client at a price. */
  offers: aboutMoney(like(offersOfJob)),
  /** Sums that somebody set by hand. */
  ownSums: aboutMoney(like(sumsOfJob)),
};
export const job = named('Job', jobFields);

export const room = named('Room', { ...rowOf(JOB_RECORDS.rooms), ...inJob, ...versioned });
export const surfaceFields = { ...rowOf(JOB_RECORDS.surfaces), ...inJob, ...versioned };
export const surface = named('Surface', surfaceFields);
export const testRow = named('TestRow', { ...rowOf(JOB_RECORDS.tests), ...inJob });

const { changes: _changes, ...plainFinding } = JOB_RECORDS.findings.fields;
export const finding = named('Finding', {
  ...rowOf({ ...JOB_RECORDS.findings, fields: plainFinding }),
  ...inJob,
  changes: answer({ added: z.array(core('Step')), removed: z.array(core('Step')), minutes: figure, cost: sum }),
});

export const photo = named('Photo', { ...rowOf(JOB_RECORDS.photos), ...inJob });
export const workLog = named('WorkLog', { ...rowOf(JOB_RECORDS.work), ...inJob });
export const hold = named('Hold', { ...rowOf(JOB_RECORDS.holds), ...inJob });

/** A product's sheet; what a tin costs is money. */
export const productFields = {
  ...from(
    'Product',
    'id',
    'name',
    'maker',
    'family',
    'drying',
    'spreadM2PerL',
    'wetFilmUm',
    'dryFilmUm',
    'cureHours',
    'lastsYears',
    'sheens',
    'odour',
    'vocGPerL',
    'solidsPct',
    'tints',
    'spreadOn',
    'mix',
    'stir',
    'does',
    'refuses',
  ),
  tins: z.array(answer({ litres: figure, price: sum })).readonly(),
};
const sheet = named('Sheet', productFields);

/** A step of a system as work: what it is done with has a sheet. */
export const workStep = named('WorkLine', {
  ...from('WorkStep', 'step', 'coat', 'plan', 'atReturn', 'parts'),
  product: sheet.nullable(),
});

/** Where a surface stands by the clock. */
export const standingFields = {
  ...from('RunLine', 'standing', 'lastEnd', 'opensAt', 'closesAt'),
  next: workStep.nullable(),
  last: workStep.nullable(),
};

/** A test worth making, and what it is worth. */
export const nextTestFields = { ...from('NextTest', 'kind', 'minutes', 'why'), expectedSaving: sum };
export const nextTest = named('TestWorthMaking', nextTestFields);

/** How a system holds: how often it is called back, what is stood behind, and what may go wrong by when. */
export const holds = named('HoldsPart', from('Holds', 'callBackAYear', 'guaranteeMonths', 'faults'));

/** What follows where a step is left out. */
export const risk = named('RiskLine', {
  ...from('Risk', 'ifSkipped', 'fault', 'text', 'odds', 'shows'),
  cost: sum,
});
export const consequence = named('ConsequenceLine', {
  ...from('Consequence', 'kind', 'fault', 'text', 'odds', 'shows'),
  cost: sum,
});

const { told: _told, ...plainOverride } = overrideSchema.shape;
const { element: toldOne } = overrideSchema.shape.told;
/** A departure that was signed for; what was told to follow has a price. */
export const override = named('Override', {
  ...rowOf({ table: '', columns: {}, fields: plainOverride }),
  told: z.array(
    answer({
      words: text,
      fault: like(toldOne.shape.fault),
      odds: figure,
      cost: sum,
    }),
  ),
});

/** A way back from a fault. */
export const rescue = named('WayBack', {
  ...from('Rescue', 'cause', 'backTo', 'steps', 'undoes'),
  price: systemPrice,
});
