import { TestBed } from '@angular/core/testing';
import { DeviceStore } from './device-store';
import { MemoryStore } from './memory-store.spec-data';
import { Settings } from './settings';
import { ThemeChoice } from './theme';
import { Who } from './who';

window.matchMedia = () => ({ matches: false }) as MediaQueryList;

describe('what a person chose at this device', () => {
  let device: MemoryStore;
  const page = async (): Promise<Settings> => {
    TestBed.resetTestingModule();
    TestBed.configureTestingModule({ providers: [{ provide: DeviceStore, useValue: device }] });
    const settings = TestBed.inject(Settings);
    await settings.load();
    return settings;
  };
  beforeEach(() => {
    localStorage.clear();
    device = new MemoryStore();
  });

  it('is there before anything is drawn, the next time', async () => {
    await page();
    TestBed.inject(ThemeChoice).turn();
    TestBed.inject(Who).set(' Runa ');
    await page();
    expect(TestBed.inject(ThemeChoice).theme()).toBe('dim');
    expect(TestBed.inject(Who).name()).toBe('Runa');
  });

  it('is what an older Zabble wrote, until it is chosen anew', async () => {
    localStorage.setItem('zabble.theme', 'dim');
    await page();
    expect(TestBed.inject(ThemeChoice).theme()).toBe('dim');
  });

  it('holds until the page is closed where nothing is kept', async () => {
    device.full = true;
    const settings = await page();
    settings.write('who', 'Runa');
    expect(settings.read('who')).toBe('Runa');
    expect((await page()).read('who')).toBeUndefined();
  });

  it('is waited for no longer than a moment', async () => {
    device.read = () => new Promise(() => undefined);
    expect((await page()).read('theme')).toBeUndefined();
  });
});
