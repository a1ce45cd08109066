import { provideZonelessChangeDetection, type Provider } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter, Router } from '@angular/router';
import { provideStore, Store } from '@ngrx/store';
import { patched, type JobDocument } from '@zabble/core';
import { JobActions } from '../../store/job/job.actions';
import { jobFeature } from '../../store/job/job.reducer';
import { selectPlan, writingOf } from '../../store/job/job.selectors';
import { logFeature } from '../../store/log/log.reducer';
import { WRITING } from '../../words/speech';
import { SolidPictures } from './pictures';
import { splicingBench } from './solid.spec-data';
import { SolidView } from './solid-view';
import type { Stage } from './stage';
import { STAGE_MAKER } from './stage-maker';

globalThis.ResizeObserver = class {
  observe = () => undefined;
  disconnect = () => undefined;
  unobserve = () => undefined;
};
window.matchMedia = () => ({ matches: true, addEventListener: () => undefined }) as unknown as MediaQueryList;

/** Draws nothing and remembers what it was asked. */
class FakeStage {
  drawn = (): void => undefined;
  looks: readonly ('lit' | 'faint' | undefined)[] = [];
  posed = new Set<number>();
  around = true;
  pieces = 0;
  picked: number | undefined;
  readonly turns: (readonly [number, number])[] = [];
  show = ({ pieces }: { readonly pieces: readonly unknown[] }): void => void (this.pieces = pieces.length);
  place = (poses: ReadonlyMap<number, unknown>): void => void (this.posed = new Set(poses.keys()));
  colour = (_: object, of: (piece: number) => 'lit' | 'faint' | undefined): void => {
    this.looks = Array.from({ length: this.pieces }, (__, index) => of(index));
  };
  litAround: readonly string[] = [];
  showAround = (around: readonly { readonly name: string }[], lit: (name: string) => boolean): void => {
    this.around = around.length > 0;
    this.litAround = around.map(({ name }) => name).filter(lit);
  };
  home = (): void => void this.turns.push([0, 0]);
  turn = (round: number, over: number): void => void this.turns.push([round, over]);
  nearer = (): void => undefined;
  resize = (): void => undefined;
  pick = (): number | undefined => this.picked;
  seen = () => ({ x: 10, y: 10 });
  paint = (sheet: HTMLCanvasElement): void => void Object.assign(sheet, { width: 40, height: 30 });
  dispose = (): void => undefined;
}

const { document: file, owner, solid } = splicingBench();

async function shown(webgl: boolean, ...providers: readonly Provider[]) {
  HTMLCanvasElement.prototype.getContext = ((kind: string) => (webgl && kind === 'webgl2' ? {} : null)) as never;
  HTMLCanvasElement.prototype.toBlob = (done) => done(new Blob(['png']));
  const stage = new FakeStage();
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideRouter([]),
      provideStore({ job: jobFeature.reducer, log: logFeature.reducer }),
      { provide: WRITING, useFactory: () => TestBed.inject(Store).selectSignal(writingOf) },
      { provide: STAGE_MAKER, useValue: () => Promise.resolve(stage as unknown as Stage) },
      ...providers,
    ],
  });
  const store = TestBed.inject(Store);
  const job = { id: 'j', revision: 1, document: file as JobDocument, createdAt: '', updatedAt: '' };
  store.dispatch(JobActions.open({ id: 'j' }));
  store.dispatch(JobActions.opened({ job, document: job.document, sync: 'kept' }));
  const fixture = TestBed.createComponent(SolidView);
  fixture.componentRef.setInput('owner', owner);
  await fixture.whenStable();
  await fixture.whenStable();
  const element = fixture.nativeElement as HTMLElement;
  const press = async (name: string): Promise<void> => {
    [...element.querySelectorAll('button')].find(({ textContent }) => textContent?.trim() === name)?.click();
    await fixture.whenStable();
  };
  const row = (name: string) => element.querySelector(`[data-moves="${name}"]`)!;
  return { fixture, element, stage, press, row };
}

describe('the solid view', () => {
  it('says what serves instead where the browser draws no solids', async () => {
    const { element, fixture, press } = await shown(false);
    expect(element.textContent).toContain('This browser draws no solids');
    let flat = 0;
    fixture.componentInstance.flat.subscribe(() => (flat += 1));
    await press('Show the front');
    expect(flat).toBe(1);
  });

  it('says so where what draws it does not come', async () => {
    const { element } = await shown(true, { provide: STAGE_MAKER, useValue: () => Promise.reject(new Error('gone')) });
    expect(element.textContent).toContain('could not be begun');
  });

  it('opens what is pressed, stops it where it meets something, and lights what that is', async () => {
    const { element, stage, press, row } = await shown(true);
    expect(stage.pieces).toBe(solid.pieces.length);
    await press('Drawer 1 of Fids and palms');
    expect(row('c1/b1/d1').textContent).toContain('22 in of 22 in');
    await press('Door “o1”');
    const door = solid.motions.find(({ kind }) => kind === 'door')!;
    expect(row(door.name).textContent).toMatch(/° of \d+°, stopped by drawer 1 of Fids and palms/);
    const lit = solid.pieces.filter((_, index) => stage.looks[index] === 'lit');
    expect(new Set(lit.map(({ moves }) => moves))).toEqual(new Set(['c1/b1/d1']));
    expect(element.querySelector('[role=status]')?.textContent).toContain('is stopped by drawer 1 of Fids and palms');
    await press('Shut all');
    expect(row('c1/b1/d1').textContent).toContain('shut');
    expect(stage.looks).not.toContain('lit');
  });

  it('lights what stands in the room where that stops it', async () => {
    const { stage, row, fixture } = await shown(true);
    const store = TestBed.inject(Store);
    // The chest before the bench comes so near that its low drawers don't come all their way.
    const near = patched(file as JobDocument, [{ path: 'room.things[0].z', value: '42 in' }]);
    const job = { id: 'j', revision: 2, document: near, createdAt: '', updatedAt: '' };
    store.dispatch(JobActions.opened({ job, document: near, sync: 'kept' }));
    const plan = store.selectSignal(selectPlan)();
    fixture.componentRef.setInput('owner', plan?.cases[0]);
    await fixture.whenStable();
    const way = plan!.worlds[0]!.ways.find(({ stoppedBy }) => stoppedBy?.startsWith('room/'))!;
    row(way.mover.name).querySelector('button')?.click();
    await fixture.whenStable();
    expect(row(way.mover.name).textContent).toContain('stopped by');
    expect(stage.litAround).toContain(way.stoppedBy);
  });

  it('follows a slider and stays where it is stopped', async () => {
    const { fixture, row } = await shown(true);
    const slider = row('c1/b1/d2').querySelector('input')!;
    slider.value = '100';
    slider.dispatchEvent(new Event('input'));
    await fixture.whenStable();
    expect(row('c1/b1/d2').textContent).toContain('3 15/16 in of 22 in');
    expect(slider.getAttribute('aria-valuetext')).toContain('3 15/16 in of 22 in');
  });

  it('opens what is pressed in the picture, but not what was only dragged over', async () => {
    const { element, stage, fixture, row } = await shown(true);
    stage.picked = solid.pieces.findIndex(({ moves }) => moves === 'c1/b1/d3');
    const canvas = element.querySelector('canvas')!;
    const press = async (from: number, to: number): Promise<void> => {
      canvas.dispatchEvent(new MouseEvent('pointerdown', { clientX: from, clientY: 5 }));
      canvas.dispatchEvent(new MouseEvent('pointerup', { clientX: to, clientY: 5 }));
      await fixture.whenStable();
    };
    await press(5, 60);
    expect(row('c1/b1/d3').textContent).toContain('shut');
    await press(5, 6);
    expect(row('c1/b1/d3').textContent).toContain('22 in of 22 in');
  });

  it('is taken apart step by step, the last to go in first, with what stands about it out of sight', async () => {
    const { element, stage, fixture, press } = await shown(true);
    await press('Drawer 1 of Fids and palms');
    await press('Take apart');
    // What was open is shut.
    expect(stage.around).toBe(false);
    expect([...element.querySelectorAll('canvas ~ span')].map(({ textContent }) => textContent)).toEqual(['Door']);
    const [first, , third] = element.querySelectorAll<HTMLButtonElement>('ol button');
    expect(first?.textContent).toContain('Case bottom');
    third?.click();
    await fixture.whenStable();
    const faint = solid.pieces.filter((_, index) => stage.looks[index] === 'faint');
    expect(faint.every(({ stage: of }) => of > 2)).toBe(true);
    expect(faint.length).toBeGreaterThan(0);
    await press('Open');
    expect(stage.around).toBe(true);
  });

  it('is turned and put back by keys', async () => {
    const { element, stage } = await shown(true);
    stage.turns.length = 0;
    const view = element.querySelector('[role=application]')!;
    for (const key of ['ArrowLeft', 'ArrowDown', 'Home', 'x'])
      view.dispatchEvent(new KeyboardEvent('keydown', { key, cancelable: true }));
    expect(stage.turns).toEqual([
      [-1, 0],
      [0, 1],
      [0, 0],
    ]);
  });

  it('takes a picture of what is seen to the place of printing, in colours and in greys', async () => {
    const { press, fixture } = await shown(true);
    const went = jest.spyOn(TestBed.inject(Router), 'navigate').mockResolvedValue(true);
    await press('Print this view');
    for (let wait = 0; wait < 20 && !went.mock.calls.length; wait += 1)
      await new Promise((done) => setTimeout(done, 5));
    expect(TestBed.inject(SolidPictures).taken()).toMatchObject({ job: 'j', owner: 'c1', colour: btoa('png') });
    expect(went).toHaveBeenCalledWith(['/jobs', 'j', 'print'], { queryParams: { what: 'solid-view.pdf' } });
    fixture.destroy();
  });
});
