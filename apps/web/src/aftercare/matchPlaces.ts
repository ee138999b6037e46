import type { NamedPlace } from '@rustic/core';
import type { CareJob } from '../store/endpoints.ts';

/** Places of a file by what they were taken for: the yard, houses of jobs, and what is neither. */
export interface Matched {
  yard: NamedPlace | null;
  houses: { job: CareJob; place: NamedPlace }[];
  others: NamedPlace[];
}

const plain = (text: string) =>
  text
    .normalize('NFKD')
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim()
    .toLowerCase();

/** A place is taken for the job with its name, or else with its address; each job once, by the first that fits. */
export function matchPlaces(places: readonly NamedPlace[], jobs: readonly CareJob[], firm: string): Matched {
  const matched: Matched = { yard: null, houses: [], others: [] };
  for (const place of places) {
    const name = plain(place.name);
    if (!matched.yard && (name === 'yard' || name === plain(firm))) {
      matched.yard = place;
      continue;
    }
    const free = jobs.filter((job) => !matched.houses.some((h) => h.job.id === job.id));
    const job =
      free.find(({ title }) => plain(title) === name) ??
      free.find((one) => one.place !== '' && [plain(place.address), name].includes(plain(one.place)));
    if (job) matched.houses.push({ job, place });
    else matched.others.push(place);
  }
  return matched;
}
