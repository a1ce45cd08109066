export { buyingLate, type Awaited, type LateFinding } from './late';
export { dayAfter } from './days';
export { gatesOf, withGates, type OpenedGate } from './in-hand';
export { buyingList, type BuyFor, type Buying, type BuyingFor, type BuyLine, type Had } from './list';
export { type Store } from './on-hand';
export {
  orderedCents,
  orderLabel,
  orderRows,
  orderText,
  readOrderLabel,
  type OrderedLine,
  type OrderedList,
} from './order';
export { bySupplier, type FromSupplier, type SupplierLead } from './suppliers';
export { wantedOf, type Rackable, type Wanted } from './wanted';
export { readSupplier, type Supplier } from './supplier-row';
