import type { JobListQuery, RecordQuery } from '@zabble/contract';
import type { ShopId } from '../whose/shop';

/** What is looked up: it is answered as text of JSON. */
export type Question =
  | { readonly what: 'jobs'; readonly shop: ShopId; readonly query: JobListQuery }
  | { readonly what: 'record'; readonly shop: ShopId; readonly query: RecordQuery }
  | { readonly what: 'made'; readonly shop: ShopId }
  | { readonly what: 'readings'; readonly shop: ShopId; readonly kind: string };

/** Looks things up. */
export interface Looking {
  ask(question: Question): Promise<string>;
}
