import { UnprocessableEntityException } from '@nestjs/common';
import {
  FAMILY_LABELS,
  STEP_LABELS,
  whatIf,
  type Case,
  type Composed,
  type Departure,
  type Step,
  type WhatIf,
  type Override,
} from '@rustic/core';
import { refusedWith } from '../http/refused.ts';
import type { OverrideBody } from './systems.dto.ts';

/** Departures name lines of this system. */
function readDepartures(given: readonly Departure[], steps: readonly Step[]): Departure[] {
  const faults = given.flatMap((d, i) => {
    const fault = (path: string) => ({ path: `departures[${i}].${path}`, message: 'is no line of this system' });
    return [
      ...(d.step >= steps.length ? [fault('step')] : []),
      ...(d.act === 'move' && d.to >= steps.length ? [fault('to')] : []),
    ];
  });
  if (faults.length) throw refusedWith(faults);
  return [...given];
}

/** What follows from departures that were asked about. */
export function whatFollows(c: Case, made: Composed, steps: readonly Step[], given: readonly Departure[]): WhatIf {
  return whatIf(c, made, steps, readDepartures(given, steps));
}

/** A departure in words, as the ledger and the guarantee say it. */
export function sayDeparture(d: Departure, steps: readonly Step[]): string {
  const step = steps[d.step]!;
  const words = `${STEP_LABELS[step.kind]}${step.family ? ` (${FAMILY_LABELS[step.family]})` : ''}`;
  if (d.act === 'skip') return `${words} left out`;
  if (d.act === 'swap') return `${words}: ${FAMILY_LABELS[d.family]} instead`;
  return `${words} ${d.to < d.step ? 'earlier' : 'later'}`;
}

/** A departure that may be signed for: refused where it would do what a block forbids, whoever asks. */
export function signed(
  c: Case,
  made: Composed,
  steps: readonly Step[],
  body: OverrideBody,
  base: string,
): { steps: Step[]; override: Override } {
  const departures = readDepartures(body.departures, steps);
  const told = whatIf(c, made, steps, departures);
  const never = [...told.forbidden.map((b) => `${b.text} Until: ${b.until}`), ...told.refused];
  if (never.length)
    throw new UnprocessableEntityException({
      code: 'forbidden',
      message: `Nobody may sign for this; nothing was changed. ${never.join(' ')}`,
    });
  const worst = told.consequences.map(({ fault, odds, cost, text }) => ({ words: text, fault, odds, cost }));
  return {
    steps: told.steps,
    override: {
      departures,
      base,
      reason: body.reason.trim(),
      signedAs: body.signedAs.trim(),
      said: departures.map((d) => sayDeparture(d, steps)),
      told: worst,
    },
  };
}
