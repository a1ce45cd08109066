import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect, test, type Page } from '@playwright/test';
import type axe from 'axe-core';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** No serious fault of access on what is shown; in the other theme, whose difference is its colours, none of colours. */
export async function soundAccess(page: Page, where: string): Promise<void> {
  // However much is on it, and however slow the machine: a look at a page takes as long as it takes.
  test.setTimeout(test.info().timeout + 20_000);
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE);
  await noneSerious(page, where);
  await otherTheme(page);
  await noneSerious(page, `${where}, the other theme`, ['color-contrast']);
  await otherTheme(page);
}

/** By all rules that mind by themselves, or by these. */
async function noneSerious(page: Page, where: string, rules?: string[]): Promise<void> {
  const serious = await page.evaluate(async (only) => {
    const { axe: looking } = window as unknown as { axe: typeof axe };
    const { violations } = await looking.run(document, {
      resultTypes: ['violations'],
      // All that is shown is one page of ours: nothing is in a frame.
      iframes: false,
      selectors: false,
      ...(only ? { runOnly: only } : {}),
    });
    return violations
      .filter(({ impact }) => impact === 'serious' || impact === 'critical')
      .map(({ id, nodes }) => `${id} ${nodes[0]?.html ?? ''}`);
  }, rules);
  expect(serious.map((each) => `${where}: ${each}`)).toEqual([]);
}

function otherTheme(page: Page): Promise<void> {
  return page.evaluate(() => {
    const { dataset } = document.documentElement;
    dataset['theme'] = dataset['theme'] === 'dim' ? 'light' : 'dim';
  });
}
