import {
  benchCards,
  benchCardText,
  caseCards,
  caseCardText,
  CSV,
  cutRows,
  drawPart,
  drawSheet,
  dxfOf,
  partsOf,
  partOfJob,
  planDocument,
  said,
  sawOf,
  svgOf,
} from '@zabble/core';
import { strToU8, zipSync, type Zippable } from 'fflate';
import Papa from 'papaparse';
import { benchCardPdf } from './bench-card-pdf';
import { cutListPdf } from './cut-list-pdf';
import { labelsPdf } from './labels-pdf';
import { layoutsPdf } from './layouts-pdf';
import type { Printing } from './printing';
import { stickPdf } from './stick-pdf';
import { templatesPdf } from './templates-pdf';

/** All of a job in one file: the job, its plan, cards, cut list, labels, layouts and part drawings. */
export async function jobZip(printing: Printing, document: object): Promise<Buffer> {
  const { job, plan, layouts, words } = printing;
  const json = (value: unknown): Uint8Array => strToU8(`${JSON.stringify(value, null, 2)}\n`);
  const files: Zippable = {
    'job.json': json(document),
    'plan.json': json(planDocument(plan, words)),
    'bench-cards.txt': strToU8(
      [
        ...caseCards(job, plan).map((card) => caseCardText(card, words)),
        ...benchCards(job, plan).map((card) => benchCardText(card, words)),
      ].join('\n'),
    ),
    'bench-card.pdf': await benchCardPdf(printing),
    'story-stick.pdf': await stickPdf(printing),
    'templates.pdf': await templatesPdf(printing),
    'cut-list.csv': strToU8(Papa.unparse(cutRows(job, plan, words) as string[][], CSV)),
    'cut-list.pdf': await cutListPdf(printing),
    'labels.pdf': await labelsPdf(printing),
    ...(layouts.length > 0 ? { 'sheets.pdf': await layoutsPdf(printing) } : {}),
    ...sheetFiles(printing),
    ...partFiles(printing),
  };
  return Buffer.from(zipSync(files, { level: 6 }));
}

function sheetFiles({ job, plan, layouts, words }: Printing): Zippable {
  const parts = new Map(partsOf(job, plan).parts.map((part) => [part.name, part]));
  const label = (name: string) => {
    const part = parts.get(name);
    return { says: part ? words.say(partOfJob(plan, part)) : name, held: part !== undefined && part.release !== 'now' };
  };
  return Object.fromEntries(
    layouts.flatMap(({ sheet, blade }, index) => {
      const drawing = drawSheet(sheet, { ...sawOf(job), ...blade }, label);
      const name = `sheets/sheet-${String(index + 1).padStart(2, '0')}`;
      return [
        [
          `${name}.svg`,
          strToU8(svgOf(drawing, words.say(said('paper/sheet-number', { job: job.name, number: index + 1 })))),
        ],
        [`${name}.dxf`, strToU8(dxfOf(drawing, job.unit))],
      ];
    }),
  );
}

/** Only what is released: a drawing of a held part could be cut by. */
function partFiles({ job, plan, words }: Printing): Zippable {
  const free = partsOf(job, plan).parts.filter(({ release }) => release === 'now');
  const taken = new Set<string>();
  return Object.fromEntries(
    free.flatMap((part) => {
      const drawing = drawPart(part, words.say(partOfJob(plan, part)), words);
      const name = `parts/${fileName(part.name, taken)}`;
      return [
        [`${name}.svg`, strToU8(svgOf(drawing, part.name))],
        [`${name}.dxf`, strToU8(dxfOf(drawing, job.unit))],
      ];
    }),
  );
}

/** A name that files may have, letters of every script kept; of two that come out alike the later is numbered. */
function fileName(name: string, taken: Set<string>): string {
  const plain = name.normalize('NFC').replace(/[^\p{L}\p{M}\p{N}]+/gu, '-');
  let free = plain;
  // Folders of some machines tell no capitals apart.
  for (let number = 2; taken.has(free.toLowerCase()); number += 1) free = `${plain}-${number}`;
  taken.add(free.toLowerCase());
  return free;
}
