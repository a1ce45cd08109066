import type { Finding } from '../findings';

/**
 * What stops one way of making a bank, each told once: what is amiss with its case or its opening is so whichever way
 * is taken.
 */
export function stopsOfMaking(findings: readonly Finding[]): readonly string[] {
  const stops = findings.filter(({ severity, step }) => severity === 'stop' && step !== 'case' && step !== 'measure');
  return [...new Set(stops.map(({ body, says }) => body ?? says))];
}
