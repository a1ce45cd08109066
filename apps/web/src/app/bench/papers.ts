import type { PrintName } from '@zabble/contract';

/** One thing that can be printed: its file on the server, its name and what is on it, how else it is looked for. */
export interface PaperKind {
  readonly name: PrintName;
  readonly says: string;
  readonly what: string;
  readonly action: string;
  readonly words: string;
}

export const CUT_LIST: PaperKind = {
  name: 'cut-list.pdf',
  says: $localize`Cut list`,
  what: $localize`Every part with its size, material by material, and what to buy.`,
  action: $localize`Print the cut list`,
  words: $localize`pdf paper parts`,
};

export const PAPERS: readonly PaperKind[] = [
  CUT_LIST,
  {
    name: 'labels.pdf',
    says: $localize`Labels`,
    what: $localize`A sticker for every part still to cut, with a code that opens it.`,
    action: $localize`Print labels`,
    words: $localize`pdf paper label stickers parts`,
  },
  {
    name: 'layouts.pdf',
    says: $localize`Sheets`,
    what: $localize`A page a sheet: where its parts lie, and its cuts in order.`,
    action: $localize`Print the sheets`,
    words: $localize`pdf paper layout plywood`,
  },
  {
    name: 'bench-card.pdf',
    says: $localize`Bench card`,
    what: $localize`A page a case: its order, blocks and fixings. A page a bank: face and section, boxes, spacers with their fence settings, holes and packing.`,
    action: $localize`Print the bench card`,
    words: $localize`pdf paper spacers`,
  },
  {
    name: 'story-stick.pdf',
    says: $localize`Story stick, on pages`,
    what: $localize`Of every case and bank at full size, joined by the lettered dashed lines.`,
    action: $localize`Print the story stick`,
    words: $localize`pdf paper full size rod`,
  },
  {
    name: 'story-stick-strip.pdf',
    says: $localize`Story stick, in one piece`,
    what: $localize`The same for a roll or a plotter.`,
    action: $localize`Print the story stick in one piece`,
    words: $localize`pdf paper full size rod roll plotter`,
  },
  {
    name: 'templates.pdf',
    says: $localize`Templates`,
    what: $localize`Full size: bores of the pulls, the backs of undermount boxes, the screw line of the slides; pin rows and notches of cases.`,
    action: $localize`Print templates`,
    words: $localize`pdf paper full size boring pulls`,
  },
  {
    name: 'solid-view.pdf',
    says: $localize`Solid view`,
    what: $localize`A case as it was last seen as a solid, what stops what, and the order it goes together in.`,
    action: $localize`Print the solid view`,
    words: $localize`pdf paper picture 3d assembly`,
  },
];
