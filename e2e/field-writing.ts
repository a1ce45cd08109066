import type { Page } from '@playwright/test';

/**
 * Writes something else into every control of the screen whose field is wanted; answers the paths it wrote to. In the page
 * itself, one after another: what a person does with each kind of control is tried elsewhere.
 */
export async function writeAll(page: Page, wanted: ReadonlySet<string>, but = /^$/): Promise<readonly string[]> {
  const done: string[] = [];
  const fields = new Set<string>();
  for (let round = 0; round < 120; round += 1) {
    const paths = await page.evaluate(shownPaths);
    const waiting = paths.filter((each) => {
      const own = fieldsOf(each);
      const wants = !but.test(each) && own.some((field) => wanted.has(field) && !fields.has(field));
      if (wants) for (const field of own) fields.add(field);
      return wants;
    });
    if (waiting.length === 0) return done;
    for (const path of waiting) {
      const now = await page.evaluate(valueAt, path);
      // What was written before may have taken it away.
      if (now === undefined) for (const field of fieldsOf(path)) fields.delete(field);
      else {
        done.push(path);
        await page.evaluate(writeAt, { path, value: now.text === undefined ? '' : other(path, now.text) });
      }
    }
  }
  return done;
}

/** Paths of what can be written on the screen that is uppermost. */
function shownPaths(): readonly string[] {
  const screen = document.querySelector('[role=dialog]') ?? document.querySelector('z-bench-page');
  return [...(screen?.querySelectorAll<HTMLElement>('[data-path]') ?? [])]
    .filter((each) => each.checkVisibility())
    .map((each) => each.dataset['path'] ?? '');
}

/** What stands in a field of the screen; `text` of one that is written in. */
function valueAt(path: string): { readonly text: string | undefined } | undefined {
  const screen = document.querySelector('[role=dialog]') ?? document.querySelector('z-bench-page');
  const found = [...(screen?.querySelectorAll<HTMLElement>(`[data-path="${path}"]`) ?? [])];
  const one = found.find((each) => each.checkVisibility());
  if (!one) return undefined;
  const typed = one instanceof HTMLInputElement && !['radio', 'checkbox', 'range'].includes(one.type);
  return { text: typed || one instanceof HTMLTextAreaElement ? one.value : undefined };
}

/** Something else than stands there: another choice, what is not pressed, the text given. */
export async function writeAt({ path, value }: { readonly path: string; readonly value: string }): Promise<void> {
  const screen = document.querySelector('[role=dialog]') ?? document.querySelector('z-bench-page');
  const shown = [...(screen?.querySelectorAll<HTMLElement>(`[data-path="${path}"]`) ?? [])].filter((each) =>
    each.checkVisibility(),
  );
  const [one] = shown;
  const tell = (what: string): boolean | undefined => one?.dispatchEvent(new Event(what, { bubbles: true }));
  one?.focus();
  if (one instanceof HTMLSelectElement) {
    const values = [...one.options].map((each) => each.value);
    one.value = values.filter((each) => each !== one.value && each !== '\n' && each !== '').at(-1) ?? one.value;
    tell('change');
  } else if (one instanceof HTMLInputElement && one.type === 'radio')
    shown.find((each) => each instanceof HTMLInputElement && !each.checked)?.click();
  else if (one instanceof HTMLInputElement && one.type === 'range') {
    one.stepUp();
    tell('input');
    tell('change');
  } else if (one instanceof HTMLButtonElement)
    // Of several the one that is not pressed; one alone is turned.
    (shown.find((each) => each.ariaPressed === 'false') ?? one).click();
  else if (one instanceof HTMLInputElement && one.type === 'checkbox') one.click();
  else if (one instanceof HTMLInputElement || one instanceof HTMLTextAreaElement) {
    one.value = value;
    tell('input');
    tell('change');
    one.blur();
  }
  // What follows is drawn.
  for (let frame = 0; frame < 2; frame += 1) await new Promise((drawn) => requestAnimationFrame(drawn));
}

/** Writes something into the fields that a choice brings. */
export async function fill(page: Page, paths: readonly string[]): Promise<void> {
  for (const path of paths) {
    await page.locator(`[data-path="${path}"]`).first().waitFor();
    await page.evaluate(writeAt, { path, value: '1/2' });
  }
}

const NUMBER = /_kg$|_kg_m3|_gpa|_c$|humidity|price|extension|stages|ratio|count|share$/;

function other(path: string, now: string): string {
  if (path.endsWith('species')) return 'Oak, white';
  if (/ratio|extension/.test(path)) return '1.3';
  if (path.startsWith('pricing.') && !/\.(name|unit)$/.test(path)) return now === '3' ? '4' : '3';
  if (path.endsWith('stages')) return '3';
  if (path.endsWith('density_kg_m3')) return '44';
  if (path.endsWith('.most')) return '20';
  if (NUMBER.test(path)) return now === '' ? '7' : String(Number(now) + 1);
  if (/\.list$/.test(path)) return '12; 14; 16; 18';
  if (/(^|\.)(name|customer|notes)$/.test(path)) return `${now} x`;
  // Short sums are lengths too: a sixty-fourth more than stands there.
  return now === '' ? '1/2' : `${now} + 1/64`;
}

/** The fields of the schema that a path may stand for: of a list, its entries. */
export function fieldsOf(path: string): readonly string[] {
  const field = path.replace(/\[\d+\]/g, '[]');
  return [field, `${field}[]`];
}
