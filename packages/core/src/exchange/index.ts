export * from './bench-card';
export { caseCards, type CaseCard } from './case-card';
export { benchCardText, caseCardText } from './bench-card-text';
export * from './cut-rows';
export * from './dxf';
export * from './svg';
export * from './table-kinds';
export * from './table-reading';
export { plainFileName } from './file-name';
