import { saidKey } from '../words';
import type { Said } from '../length';
import type { Finding } from '../findings';

/**
 * What stops one way of making a bank, each told once: what is amiss with its case or its opening is so whichever way
 * is taken.
 */
export function stopsOfMaking(findings: readonly Finding[]): readonly Said[] {
  const stops = findings.filter(({ severity, step }) => severity === 'stop' && step !== 'case' && step !== 'measure');
  const distinct = new Map(stops.map(({ code, params }) => [saidKey({ code, params }), { code, params }]));
  return [...distinct.values()];
}
