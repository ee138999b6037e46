/** A year of a small firm: walks after the wet season, coats that want to dry, years that are up, all over the map. */
export function yearOfVisits(core, many) {
  let state = 0.37 * 2 ** 32;
  const draw = () => (state = (1664525 * state + 1013904223) % 2 ** 32) / 2 ** 32;
  const first = 20_800;
  const visits = Array.from({ length: many }, (_, i) => {
    const kind = draw();
    const [fromDay, long] =
      kind < 0.4 ? [first + 90, 60] : kind < 0.6 ? [first + 120, 150] : [first + Math.floor(draw() * 300), 60];
    return {
      id: `v${i}`,
      place: { x: draw() * core.STAITHE.widthKm, y: draw() * core.STAITHE.heightKm },
      minutes: [10, 15, 25, 25, 30, 150][Math.floor(draw() * 6)],
      fromDay,
      byDay: fromDay + long,
    };
  });
  const days = Array.from({ length: 480 }, (_, i) => first + i).filter((day) => (day + 4) % 7 < 5);
  const asked = { visits, map: core.STAITHE, days, dayMinutes: 450, kmPerHour: 25, setOutMin: 20, seed: 0.5 };
  return { ...asked, effort: core.USUAL_EFFORT };
}
