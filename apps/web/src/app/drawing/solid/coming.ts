import type { Open } from './opening';

/** What is pressed comes out in this time, in milliseconds. */
const COMES = 260;

/** Brings what opens from where it stands to where it comes to, frame by frame; the last one always ends there. */
export class Coming {
  private frame: number | undefined;

  constructor(private readonly show: (open: Open) => void) {}

  /** At once, or in the time a drawer takes where the person has nothing against what moves. */
  bring(from: Open, to: Open, slowly: boolean): void {
    this.end();
    if (!slowly || matchMedia('(prefers-reduced-motion: reduce)').matches) {
      this.show(to);
      return;
    }
    const start = performance.now();
    const step = (now: number): void => {
      const part = Math.min(1, Math.max(0, (now - start) / COMES));
      this.frame = part < 1 ? requestAnimationFrame(step) : undefined;
      this.show(part < 1 ? between(from, to, part * (2 - part)) : to);
    };
    this.frame = requestAnimationFrame(step);
  }

  end(): void {
    if (this.frame !== undefined) cancelAnimationFrame(this.frame);
    this.frame = undefined;
  }
}

function between(from: Open, to: Open, part: number): Open {
  const names = new Set([...from.keys(), ...to.keys()]);
  return new Map(
    [...names].map((name) => {
      const [a, b] = [from.get(name) ?? 0, to.get(name) ?? 0];
      return [name, a + (b - a) * part];
    }),
  );
}
