export default async function endDatabase() {
  await globalThis.zabbleTestDatabase?.end();
}
