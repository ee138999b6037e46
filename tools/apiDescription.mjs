/** The description of the API as it was built: nothing is started, and no database is asked. */
export async function apiDescription() {
  const { describeApi } = await import('../apps/server/dist/application.js');
  return JSON.parse(JSON.stringify(await describeApi()));
}
