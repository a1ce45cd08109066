export * from './cut-list';
export { cutDocument, type Effort } from './document';
export { sheetParts, type SheetParts } from './sheet-parts';
