export { benchCardOf, benchCards, type BenchCard } from './bench-card';
export * from './cut-rows';
export * from './dxf';
export * from './svg';
export * from './table-kinds';
export * from './table-reading';
