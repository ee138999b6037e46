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
} from '@rustic/core';
import type { Override } from '../database/entities.ts';
import { refusedWith } from '../http/refused.ts';
import type { DepartureBody, OverrideBody } from './systems.dto.ts';

/** Departures as the core takes them; a swap names its family and a move its place. */
function readDepartures(given: readonly DepartureBody[], steps: readonly Step[]): Departure[] {
  return given.map((d, i): Departure => {
    const fault = (path: string, message: string) => refusedWith([{ path: `departures.${i}.${path}`, message }]);
    if (d.step >= steps.length) throw fault('step', 'is no line of this system');
    if (d.act === 'skip') return { act: 'skip', step: d.step };
    if (d.act === 'swap') {
      if (!d.family) throw fault('family', 'is needed: what is taken instead');
      return { act: 'swap', step: d.step, family: d.family };
    }
    if (d.to === undefined || d.to >= steps.length) throw fault('to', 'is needed: a line of this system');
    return { act: 'move', step: d.step, to: d.to };
  });
}

/** What follows from departures that were asked about. */
export function asked(c: Case, made: Composed, steps: readonly Step[], given: readonly DepartureBody[]): WhatIf {
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
