/** A file name for a job: its letters and figures, joined by hyphens. */
export function jobFileName(name: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60);
  return `${plain || 'job'}.zabble.json`;
}
