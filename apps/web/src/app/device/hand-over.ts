/** Hands a file to the person, as a download of this name. */
export function handOver(name: string, content: Blob): void {
  const url = URL.createObjectURL(content);
  Object.assign(document.createElement('a'), { href: url, download: name }).click();
  // A browser that asks where to put it still reads it for a while.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
