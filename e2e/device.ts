import type { Browser, BrowserContext, CDPSession, Page } from '@playwright/test';

/** How every page is looked at; where nothing moves nothing is waited for that only moves. */
export const BARE = {
  viewport: { width: 1280, height: 800 },
  colorScheme: 'light',
  locale: 'en-GB',
  reducedMotion: 'reduce',
  // To keep the application on the device takes seconds, in every page anew: only where a story needs it.
  serviceWorkers: 'block',
} as const;

/** What of a device a story finds bare. */
const KEPT = 'cookies,indexeddb,local_storage,cache_storage,service_workers';
/** Of the application’s own address, and nothing of it runs there. */
const NOWHERE = '/mark.svg';

/**
 * A device whose page stays from story to story: what it has fetched, read and compiled of the application serves the next one,
 * so that it opens in half the time another page takes.
 */
export class Device {
  private shown: Page | undefined;

  private constructor(
    private readonly context: BrowserContext,
    private readonly url: string,
    private readonly kept: Page,
    private readonly keeper: CDPSession,
  ) {}

  static async of(browser: Browser, url: string): Promise<Device> {
    const context = await browser.newContext({ ...BARE, baseURL: url });
    const kept = await context.newPage();
    return new Device(context, url, kept, await context.newCDPSession(kept));
  }

  /** For a story: on it nothing is open, asked for or kept. */
  async page(): Promise<Page> {
    this.shown ??= await this.context.newPage();
    return this.shown;
  }

  /** After a story, as it found it. */
  async bare(): Promise<void> {
    const page = this.shown;
    if (page) await this.left(page).catch(() => this.another(page));
    for (const other of this.context.pages()) if (other !== this.kept && other !== this.shown) await other.close();
    await this.keeper.send('Storage.clearDataForOrigin', { origin: this.url, storageTypes: KEPT });
  }

  end(): Promise<void> {
    return this.context.close();
  }

  /** Fails where the page was closed, or the server that answers is. */
  private async left(page: Page): Promise<void> {
    page.removeAllListeners();
    await page.unrouteAll({ behavior: 'ignoreErrors' });
    // Whoever leaves with changes nowhere kept is asked.
    page.on('dialog', (dialog) => void dialog.accept());
    await page.goto(NOWHERE, { timeout: 5000 });
    page.removeAllListeners();
    await page.evaluate(() => {
      sessionStorage.clear();
    });
    await page.mouse.move(0, 0);
    await page.emulateMedia({ media: null, colorScheme: BARE.colorScheme, reducedMotion: BARE.reducedMotion });
    await page.setViewportSize(BARE.viewport);
  }

  private async another(page: Page): Promise<void> {
    this.shown = undefined;
    await page.close();
  }
}
