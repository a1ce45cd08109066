import { ErrorHandler } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { SwUpdate, type VersionEvent } from '@angular/service-worker';
import { Subject } from 'rxjs';
import { Stranger } from '../server-api/told-stranger';
import { NoticeBar } from './notice-bar';
import { Notices } from './notices';
import { ToldErrors } from './told-errors';

describe('what is told of the application itself', () => {
  const versionUpdates = new Subject<VersionEvent>();
  const unrecoverable = new Subject<{ type: string; reason: string }>();

  async function shown() {
    TestBed.configureTestingModule({
      providers: [
        { provide: ErrorHandler, useClass: ToldErrors },
        { provide: SwUpdate, useValue: { isEnabled: true, versionUpdates, unrecoverable } },
      ],
    });
    const fixture = TestBed.createComponent(NoticeBar);
    await fixture.whenStable();
    const element = fixture.nativeElement as HTMLElement;
    const text = async () => {
      await fixture.whenStable();
      return element.textContent;
    };
    return { element, text };
  }

  it('is nothing until there is something', async () => {
    const { text } = await shown();
    versionUpdates.next({ type: 'NO_NEW_VERSION_DETECTED', version: { hash: 'a' } });
    expect(await text()).toBe('');
  });

  it('is that this device is not let in, with the way to the page that takes its code and back', async () => {
    const { element, text } = await shown();
    TestBed.inject(Stranger).told.set(1);
    expect(await text()).toContain('This device is not let in');
    expect(element.querySelector('a')?.getAttribute('href')).toBe('/let-in?to=%2F');
    TestBed.inject(Notices).dismiss();
    expect(await text()).toBe('');
    TestBed.inject(Stranger).told.set(2);
    expect(await text()).toContain('Say its code');
  });

  it('is a newer version once it is here, and goes when it is put off', async () => {
    const { element, text } = await shown();
    versionUpdates.next({ type: 'VERSION_READY', currentVersion: { hash: 'a' }, latestVersion: { hash: 'b' } });
    expect(await text()).toContain('A newer Zabble is ready');
    expect(element.querySelector('[role]')?.getAttribute('role')).toBe('status');
    element.querySelectorAll('button')[1]?.click();
    expect(await text()).toBe('');
  });

  it('is that the kept application is gone', async () => {
    const { text } = await shown();
    unrecoverable.next({ type: 'UNRECOVERABLE_STATE', reason: '' });
    expect(await text()).toContain('load the page again while the server is reached');
  });

  it.each([
    [new TypeError('Failed to fetch dynamically imported module: /chunk-A.js'), 'could not be fetched'],
    [new TypeError('error loading dynamically imported module'), 'could not be fetched'],
    [new Error('NG0750'), 'could not be fetched'],
    [new Error('x is undefined'), 'Something in Zabble went wrong'],
    ['thrown as a text', 'Something in Zabble went wrong'],
  ])('is what nobody caught: %s', async (problem, told) => {
    const { element, text } = await shown();
    const log = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    TestBed.inject(ErrorHandler).handleError(problem);
    expect(log).toHaveBeenCalledWith(problem);
    log.mockRestore();
    expect(await text()).toContain(told);
    expect(element.querySelector('[role]')?.getAttribute('role')).toBe('alert');
    expect(TestBed.inject(Notices).notice()).toBeDefined();
  });
});
