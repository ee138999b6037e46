import { z } from 'zod';
import { aboutMoney, answer, plain, sum, whole } from './answer.ts';

/** What many answers hold. Sums are marked; what is not named here is not told to whoever does not see prices. */

/** What a system takes and costs. */
export const systemPrice = answer({
  ...plain('minutes', 'litres', 'waitingMin'),
  labour: sum,
  materials: sum,
  cost: sum,
});

export const job = answer({
  ...plain(
    'id',
    'title',
    'place',
    'builtYear',
    'status',
    'note',
    'startsAt',
    'temperatureC',
    'relativeHumidityPct',
    'houseRules',
    'crewIds',
    'racks',
    'property',
    'client',
    'version',
  ),
  /** Ways put to the client at a price. */
  offers: aboutMoney,
});

export const room = answer(
  plain(
    'id',
    'jobId',
    'name',
    'position',
    'noDustWhileWet',
    'backBy',
    'fumesOutBy',
    'maxNightsOut',
    'airFrom',
    'kind',
    'facing',
    'sketch',
    'version',
  ),
);

export const surfaceFields = plain(
  'id',
  'jobId',
  'roomId',
  'name',
  'campaign',
  'facts',
  'wanted',
  'position',
  'measure',
  'exclusions',
  'access',
  'houseRules',
  'version',
);
export const surface = answer(surfaceFields);

export const testRow = answer(plain('id', 'jobId', 'surfaceId', 'test', 'corrects', 'note', 'mark', 'byName', 'at'));

export const finding = answer({
  ...plain('id', 'jobId', 'surfaceId', 'conditions', 'extents', 'note', 'byName', 'at'),
  changes: answer({ ...plain('added', 'removed', 'minutes'), cost: sum }),
});

export const photo = answer(
  plain(
    'id',
    'jobId',
    'roomId',
    'surfaceId',
    'testId',
    'workId',
    'mark',
    'note',
    'width',
    'height',
    'hash',
    'byName',
    'at',
  ),
);

export const workLog = answer(
  plain(
    'id',
    'jobId',
    'surfaceId',
    'stepId',
    'stepKind',
    'productId',
    'batch',
    'startedAt',
    'endedAt',
    'temperatureC',
    'relativeHumidityPct',
    'wetFilmUm',
    'litres',
    'method',
    'surfaceC',
    'helper',
    'note',
    'instead',
    'corrects',
    'withdrawn',
    'writtenAt',
    'usualMin',
    'byName',
  ),
);

/** A product's sheet; what a tin costs is money. */
export const productFields = {
  ...plain(
    'id',
    'name',
    'maker',
    'family',
    'drying',
    'spreadM2PerL',
    'wetFilmUm',
    'dryFilmUm',
    'cureHours',
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
  tins: z.array(answer({ ...plain('litres'), price: sum })).optional(),
};
export const product = answer(productFields);

/** A step of a system as work: what it is done with has a sheet. */
export const workStep = answer({ ...plain('step', 'coat', 'plan'), product: product.nullable() });

/** Where a surface stands by the clock. */
export const standingFields = {
  ...plain('standing', 'lastEnd', 'opensAt', 'closesAt', 'dose'),
  next: workStep.nullable().optional(),
  last: workStep.nullable().optional(),
};

/** A test worth making, and what it is worth. */
export const nextTest = answer({ ...plain('kind', 'minutes', 'why'), expectedSaving: sum });

export const guarantee = whole;

/** What follows where a step is left out. */
export const risk = answer({ ...plain('ifSkipped', 'fault', 'text', 'odds', 'shows'), cost: sum });
export const consequence = answer({ ...plain('kind', 'fault', 'text', 'odds', 'shows'), cost: sum });

/** A departure that was signed for; what was told to follow has a price. */
export const override = answer({
  ...plain('departures', 'base', 'said', 'reason', 'signedAs'),
  told: z.array(answer({ ...plain('words', 'fault', 'odds'), cost: sum })).optional(),
});

/** A way back from a fault. */
export const rescue = answer({ ...plain('cause', 'backTo', 'steps', 'undoes'), price: systemPrice.optional() });

export const hold = answer(
  plain('id', 'jobId', 'surfaceId', 'stepId', 'kind', 'until', 'reason', 'releases', 'byName', 'at'),
);
