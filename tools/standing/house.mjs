import { newId } from '../faults/door.mjs';

const DAY_MS = 86_400_000;
/** What stands in each of five rooms. */
const ROOM = [
  { name: 'Walls', facts: { element: 'wall', substrate: 'lime-plaster', areaM2: 42 } },
  { name: 'Ceiling', facts: { element: 'ceiling', substrate: 'lime-plaster', areaM2: 18 } },
  { name: 'Skirting', facts: { element: 'trim', substrate: 'softwood', areaM2: 6, conditions: ['glossy'] } },
  { name: 'Door', facts: { element: 'door', substrate: 'softwood', areaM2: 4, conditions: ['glossy', 'greasy'] } },
];
const ROOMS = ['Hall', 'Parlour', 'Kitchen', 'Landing', 'Back bedroom'];

/** Asks for something that has to be there, or has to be written. */
async function asked(answer) {
  const { status, body } = (await answer) ?? {};
  if (status !== 200 && status !== 201) throw new Error(`${status} ${JSON.stringify(body).slice(0, 400)}`);
  return body;
}

/** A house of twenty surfaces, walked: every second one was tested. */
async function walked(door, title, startsAt) {
  const jobId = newId();
  await asked(door.post('/api/jobs', { id: jobId, title, place: '3 Mill Row, Oxmere', builtYear: 1931, startsAt }));
  const surfaces = [];
  const rooms = [];
  for (const name of ROOMS) {
    const roomId = newId();
    rooms.push(roomId);
    await asked(door.post(`/api/jobs/${jobId}/rooms`, { id: roomId, name }));
    for (const one of ROOM) {
      const id = newId();
      surfaces.push(id);
      const wanted = { colour: '#22384d', sheen: 'satin' };
      await asked(door.post(`/api/jobs/${jobId}/surfaces`, { id, roomId, wanted, ...one }));
      if (surfaces.length % 2)
        await rubbed(door, id, new Date(Math.min(Date.parse(startsAt), Date.now())).toISOString());
    }
  }
  return { jobId, rooms, surfaces };
}

const rubbed = async (door, id, at) =>
  asked(
    door.post(`/api/surfaces/${id}/tests`, { id: newId(), at, test: { kind: 'spirit-rub', result: 'no-transfer' } }),
  );

/** Every step of a surface is logged, one a day. */
async function painted(door, jobId, surfaceId, from) {
  const { steps } = await asked(door.get(`/api/surfaces/${surfaceId}`));
  for (const [day, { plan, product }] of steps.filter((w) => !w.atReturn).entries()) {
    const at = (minutes) => new Date(from + day * DAY_MS + minutes * 60_000).toISOString();
    await asked(
      door.post(`/api/jobs/${jobId}/work`, {
        id: newId(),
        surfaceId,
        stepId: plan.id,
        startedAt: at(0),
        endedAt: at(plan.minutes),
        handsOnMin: plan.minutes,
        note: 'Laid as the weather let',
        ...(product ? { productId: product.id, batch: 'B1', temperatureC: 18, relativeHumidityPct: 55 } : {}),
      }),
    );
  }
}

/** Air is read in the rooms until the record has so many entries. */
async function readAir(door, { jobId, rooms }, entries, from) {
  const has = (await asked(door.get(`/api/jobs/${jobId}/ledger`))).length;
  for (let i = has; i < entries; i++)
    await asked(
      door.post(`/api/rooms/${rooms[i % rooms.length]}/readings`, {
        id: newId(),
        at: new Date(from + i * 3_600_000).toISOString(),
        temperatureC: 15 + (i % 6),
        relativeHumidityPct: 45 + (i % 20),
      }),
    );
}

/** One house at each of three stages: walked, under way, handed over; each with so many entries in its ledger. */
export async function housesOfEachStage(door, entries) {
  const now = Date.now();
  const ahead = await walked(door, 'House to come', new Date(now + 20 * DAY_MS).toISOString());
  const [begun, done] = [now - 30 * DAY_MS, now - 60 * DAY_MS];
  const active = await walked(door, 'House under way', new Date(begun).toISOString());
  for (const id of active.surfaces.slice(0, 8)) await painted(door, active.jobId, id, begun);
  const over = await walked(door, 'House handed over', new Date(done).toISOString());
  for (const id of over.surfaces) await painted(door, over.jobId, id, done);
  await handOver(door, over.jobId);
  await readAir(door, ahead, entries, now - 20 * DAY_MS);
  await readAir(door, active, entries, begun);
  await readAir(door, over, entries, done);
  return { ahead: ahead.jobId, active: active.jobId, over: over.jobId };
}

const handOver = (door, jobId) =>
  asked(
    door.post(`/api/jobs/${jobId}/hand-over`, {
      id: newId(),
      withWhom: 'Hine Quill',
      at: new Date().toISOString(),
      note: 'Nothing was left open',
    }),
  );
