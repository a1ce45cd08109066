import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideStore } from '@ngrx/store';
import type { BuyingKept, MakeOrder } from '@zabble/contract';
import { shown, type JobDocument } from '@zabble/core';
import { jobFeature } from '../store/job/job.reducer';
import { Who } from '../device/who';
import { ShopCostingState } from '../shop/costing';
// @alone with another language
import { INVENTED } from '../words/invented.spec-data';
import { LANGUAGE } from '../words/speech';
import { chosen } from './bought.spec-data';
import { BuyingState } from './buying-state';
import { ChosenJobs } from './chosen-jobs';

const document = JSON.parse(
  readFileSync(join(__dirname, '../../../../../examples/flag-chest.json'), 'utf8'),
) as JobDocument;
const SLIDES = 'slide:undermount-16:450';
const NOTHING: BuyingKept = { revision: 4, drawer: [], aside: [], orders: [] };

function begun() {
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideHttpClient(),
      provideHttpClientTesting(),
      provideStore({ job: jobFeature.reducer }),
      { provide: LANGUAGE, useValue: INVENTED },
      ...[ChosenJobs, BuyingState],
    ],
  });
  const state = TestBed.inject(BuyingState);
  const server = TestBed.inject(HttpTestingController);
  TestBed.inject(ShopCostingState).answered.set(true);
  server.expectOne('/api/shop/buying').flush(NOTHING);
  chosen(TestBed.inject(ChosenJobs), document);
  const slides = () => state.lines().find(({ key }) => key === SLIDES)!;
  const sent = () => server.expectOne('/api/shop/buying/orders');
  return { state, server, slides, sent };
}

describe('what is bought', () => {
  it('is ordered from the list as it was last told, for the jobs it is short for', () => {
    const { state, slides, sent } = begun();
    TestBed.inject(Who).set('№ 2');
    state.order('№ 1', [slides()]);
    const { request } = sent();
    const { lines, revision, supplier } = request.body as MakeOrder;
    expect([supplier, revision]).toEqual(['№ 1', 4]);
    expect(request.body).toMatchObject({ by: '№ 2' });
    expect(lines).toHaveLength(1);
    expect(lines[0]).toMatchObject({ key: SLIDES, packs: 4, pack: 1, for: [{ job: 'j', count: 4 }] });
  });

  it('keeps the id of an order that nobody answered for: sent again it is the same', () => {
    const { state, slides, sent, server } = begun();
    const lines = [slides()];
    state.order('№ 1', lines);
    const first = sent();
    const { id } = first.request.body as MakeOrder;
    first.flush('', { status: 504, statusText: '' });
    server.expectOne('/api/shop/buying').flush(NOTHING);
    // What failed is still said after the list was looked at again.
    expect(state.says()).not.toBe('');
    state.order('№ 1', lines);
    const again = sent();
    expect((again.request.body as MakeOrder).id).toBe(id);
    const order = { id, number: 8, supplier: '№ 1', byService: true, madeAt: '', madeBy: '', lines: [] };
    again.flush({ ...NOTHING, revision: 5, orders: [{ ...order, state: 'refused' }] });
    // It is not said to be made where it is refused.
    const refused = state.done();
    state.order('№ 1', lines);
    const last = sent();
    const made = { ...order, id: (last.request.body as MakeOrder).id };
    last.flush({ ...NOTHING, revision: 6, orders: [{ ...made, state: 'ordered' }] });
    expect(refused).not.toBe('');
    expect(state.done()).not.toBe(refused);
    state.order('№ 1', [slides()]);
    expect((sent().request.body as MakeOrder).id).not.toBe(id);
  });

  it('is not asked for again once it is ordered, also where no answer came; what was refused is', () => {
    const { state, slides } = begun();
    const line = {
      ...{ line: 1, key: SLIDES, what: '', unit: 'pair', pack: 1, packs: 4 },
      for: [{ job: 'j', count: 4 }],
    };
    const order = {
      ...{ id: 'o', number: 1, supplier: '№ 1', byService: true, madeAt: '', madeBy: '' },
      lines: [line],
    };
    for (const [is, packs] of [
      ['asked', 0],
      ['ordered', 0],
      ['refused', 4],
      ['off', 4],
    ] as const) {
      state.kept.set({ ...NOTHING, orders: [{ ...order, state: is }] });
      expect([is, slides().packs]).toEqual([is, packs]);
    }
    state.kept.set({ ...NOTHING, aside: [{ id: 'a', job: 'j', key: SLIDES, count: 1, at: '' }] });
    expect(shown(slides().short)).toBe(3);
    state.kept.set({ ...NOTHING, drawer: [{ key: SLIDES, what: '', unit: 'pair', count: 9 }] });
    expect([slides().packs, state.layable().map(({ key }) => key)]).toEqual([0, [SLIDES]]);
  });

  it('leaves out a job that is gone, and says so, without waiting for it', async () => {
    const { server } = begun();
    const jobs = TestBed.inject(ChosenJobs);
    jobs.choose(['j', 'gone']);
    expect(jobs.waits()).toBe(true);
    server.expectOne('/api/jobs/gone/file').flush(new Blob(['{}']), { status: 404, statusText: '' });
    await new Promise((done) => setTimeout(done));
    expect(jobs.waits()).toBe(false);
    expect(jobs.unread()).toHaveLength(1);
    expect(jobs.wanted().map(({ job }) => job)).toEqual(['j']);
  });

  it('tells which gates opened, and which could not', () => {
    const { state, server } = begun();
    const order = { ...{ id: 'o', number: 3, supplier: '', byService: false, madeAt: '', madeBy: '' }, lines: [] };
    state.arrived({ ...order, state: 'ordered' });
    server.expectOne('/api/shop/buying/orders/o/arrived').flush({
      kept: NOTHING,
      opened: [{ job: 'j', name: document.name, gate: 'slides' }],
      notOpened: ['gone'],
    });
    expect(state.done()).toContain(document.name);
    expect(state.done()).toContain('gone');
    // What was changed by it is fetched anew.
    server.expectOne('/api/jobs/j/file');
  });
});
