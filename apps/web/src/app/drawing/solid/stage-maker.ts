import { InjectionToken } from '@angular/core';
import type { Stage } from './stage';

/** Makes what a solid is drawn with, which is loaded when it is first asked for; another in tests. */
export const STAGE_MAKER = new InjectionToken<(canvas: HTMLCanvasElement) => Promise<Stage>>('a stage for solids', {
  providedIn: 'root',
  factory: () => (canvas) => import('./stage').then(({ Stage }) => new Stage(canvas)),
});

/** Whether this browser has what a solid is drawn with. */
export function drawsSolids(): boolean {
  return Boolean(document.createElement('canvas').getContext('webgl2'));
}
