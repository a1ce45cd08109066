/** What is taken out of a shop, in the order it is brought in; what is made of these is made again. */
export const TAKEN = [
  'jobs',
  'job_revisions',
  'log_entries',
  'photos',
  'stock',
  'bookings',
  'supplier_prices',
  'shop_habits',
  'shop_slides',
  'shop_materials',
  'shop_suppliers',
  'shop_customers',
  'price_book',
  'costing',
  'settled',
  'quotes',
  'buying',
  'hardware_drawer',
  'laid_aside',
  'orders',
  'order_lines',
  'order_for',
  'shop_calendar',
  'calendar_jobs',
  'calendar_fixed',
] as const;
export type Taken = (typeof TAKEN)[number];

/** What is a shop’s too and stays: made of the rest; of this server and its people; a secret; of this moment. */
export const LEFT = [
  ...['job_words', 'record_lines', 'line_words', 'made', 'job_sums', 'shop_sums'],
  ...['members', 'invitations', 'audit', 'networks', 'devices'],
  ...['calendar_feeds', 'present'],
] as const;

/** What is not brought in as it stood, and what stands there instead: what is made again, and secrets of another server. */
export const INSTEAD: Readonly<Partial<Record<Taken, Readonly<Record<string, unknown>>>>> = {
  jobs: { words: '', settled: 0, summary: null, summary_of: 0 },
  log_entries: { settled: 0 },
  quotes: { link: null },
};
