import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideStore } from '@ngrx/store';
import type { Here, HereAnswer } from '@zabble/contract';
import { of } from 'rxjs';
import { PresentApi } from '../server-api/present-api';
import { jobFeature } from '../store/job/job.reducer';
import { PresentBar } from './present-bar';

/** The bar of a job, with what the server was told of who goes. */
function shown(answer: HereAnswer) {
  const left: { readonly job: string; readonly step: string; readonly page: string }[] = [];
  let heard: () => void = () => undefined;
  const asked = new Promise<void>((resolve) => (heard = resolve));
  const api = {
    here: () => {
      heard();
      return of(answer);
    },
    leave: (job: string, { step, page }: Here) => {
      left.push({ job, step, page });
      return Promise.resolve();
    },
  };
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideStore({ [jobFeature.name]: jobFeature.reducer }),
      { provide: PresentApi, useValue: api },
    ],
  });
  const fixture = TestBed.createComponent(PresentBar);
  fixture.componentRef.setInput('id', 'flag-chest');
  fixture.componentRef.setInput('step', 'measure');
  return { fixture, left, asked, text: () => (fixture.nativeElement as HTMLElement).textContent ?? '' };
}

const other = { page: 'another', name: 'Runa', step: 'fronts' };

describe('who else has a job open', () => {
  it('is named with what they are at', async () => {
    const { fixture, asked, text } = shown({ revision: 1, others: [other] });
    fixture.detectChanges();
    await asked;
    await fixture.whenStable();
    expect(text()).toContain('Runa is here too, at Fronts');
  });

  it('is told at once when this page goes on to another job, to something else, or is closed', async () => {
    const { fixture, left } = shown({ revision: 1, others: [] });
    await fixture.whenStable();
    expect(left).toEqual([]);
    fixture.componentRef.setInput('step', 'cut');
    await fixture.whenStable();
    expect(left).toEqual([]);
    fixture.componentRef.setInput('id', 'rope-bench');
    await fixture.whenStable();
    expect(left.map(({ job }) => job)).toEqual(['flag-chest']);
    window.dispatchEvent(new Event('pagehide'));
    expect(left.at(-1)).toMatchObject({ job: 'rope-bench', step: 'cut' });
    fixture.destroy();
    expect(left.map(({ job }) => job)).toEqual(['flag-chest', 'rope-bench', 'rope-bench']);
    expect(new Set(left.map(({ page }) => page)).size).toBe(1);
  });
});
