export * from './bench-card';
export { benchCardText } from './bench-card-text';
export * from './cut-rows';
export * from './dxf';
export * from './svg';
export * from './table-kinds';
export * from './table-reading';
export { plainFileName } from './file-name';
