export default async function stop() {
  await globalThis.rusticTest.server.stop();
  await globalThis.rusticTest.database.stop();
}
