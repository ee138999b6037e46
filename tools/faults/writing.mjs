import { setTimeout as pause } from 'node:timers/promises';
import { newId } from './door.mjs';

const TRIES = 600;
const PAUSE_MS = 50;

/**
 * Sends one write under its own id until it is taken, as the outbox of a device does: at the next server where the way
 * breaks, or where one says later. Answers with what it was told last; everything it was told goes into `told`.
 */
export async function untilTaken(doors, first, path, body, told) {
  for (let i = 0; i < TRIES; i++) {
    const answer = await doors[(first + i) % doors.length].post(path, body);
    if (answer) told.push({ id: body.id, at: performance.now(), status: answer.status, said: answer.body });
    if (answer && answer.status < 500 && answer.status !== 429) return answer;
    await pause(PAUSE_MS);
  }
  throw new Error(`${path} was never answered`);
}

/**
 * Many people record tests on one job, each on a surface of their own and each at a server of their own, one test after
 * the other; `fault` happens once a third of them is acknowledged. Answers with what was sent and what was told.
 */
export async function peopleWriting(doors, { surfaceIds }, each, fault = async () => {}) {
  const told = [];
  const acknowledged = new Map();
  const total = surfaceIds.length * each;
  let struck = null;
  await Promise.all(
    surfaceIds.map(async (surfaceId, person) => {
      for (let i = 0; i < each; i++) {
        const test = { kind: 'moisture-meter', value: i, place: surfaceId };
        const body = { id: newId(), at: new Date().toISOString(), test };
        const answer = await untilTaken(doors, person, `/api/surfaces/${surfaceId}/tests`, body, told);
        if (answer.status === 201) acknowledged.set(body.id, performance.now());
        if (acknowledged.size >= total / 3) struck ??= fault();
      }
    }),
  );
  await struck;
  return { total, told, acknowledged };
}

/** The longest that nothing was acknowledged, in ms. */
export function longestSilence({ acknowledged }) {
  const at = [...acknowledged.values()].sort((a, b) => a - b);
  return Math.max(0, ...at.slice(1).map((t, i) => t - at[i]));
}
