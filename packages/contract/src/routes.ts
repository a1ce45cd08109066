/** Paths of the API, used by server and web alike. */
export const ROUTES = {
  health: '/api/health',
  jobs: '/api/jobs',
  importJob: '/api/jobs/import',
  job: (id: string) => `/api/jobs/${encodeURIComponent(id)}`,
  revisions: (id: string) => `/api/jobs/${encodeURIComponent(id)}/revisions`,
  revision: (id: string, revision: number) => `/api/jobs/${encodeURIComponent(id)}/revisions/${revision}`,
  here: (id: string) => `/api/jobs/${encodeURIComponent(id)}/here`,
  restoreJob: (id: string) => `/api/jobs/${encodeURIComponent(id)}/restore`,
  shopSlides: '/api/shop/slides',
  shopSlide: (id: string) => `/api/shop/slides/${encodeURIComponent(id)}`,
  shopMaterials: '/api/shop/materials',
  shopMaterial: (id: string) => `/api/shop/materials/${encodeURIComponent(id)}`,
  stock: '/api/shop/stock',
  addStock: '/api/shop/stock/list',
  stockCount: (id: string) => `/api/shop/stock/${encodeURIComponent(id)}/count`,
  stockItem: (id: string) => `/api/shop/stock/${encodeURIComponent(id)}`,
  bookings: '/api/shop/bookings',
  undoBooking: (id: string) => `/api/shop/bookings/${encodeURIComponent(id)}/undo`,
  money: '/api/shop/money',
  learned: '/api/shop/costing/learned',
  settled: (job: string) => `/api/shop/costing/settled/${job}`,
  suppliers: '/api/shop/suppliers',
  supplierRow: (id: string) => `/api/shop/suppliers/${encodeURIComponent(id)}`,
  customers: '/api/shop/customers',
  customerRow: (id: string) => `/api/shop/customers/${encodeURIComponent(id)}`,
  buying: '/api/shop/buying',
  drawer: '/api/shop/buying/drawer',
  aside: '/api/shop/buying/aside',
  putBack: (id: string) => `/api/shop/buying/aside/${id}`,
  orders: '/api/shop/buying/orders',
  order: (id: string, what: 'arrived' | 'not-arrived' | 'asked' | 'off' | 'order.pdf') =>
    `/api/shop/buying/orders/${id}/${what}`,
  supplierService: '/api/shop/supplier',
  supplierPrices: '/api/shop/supplier/prices',
  quotes: (job: string) => `/api/jobs/${job}/quotes`,
  quoteState: (id: string) => `/api/quotes/${id}/state`,
  quoteLink: (id: string) => `/api/quotes/${id}/link`,
  quotePdf: (id: string) => `/api/quotes/${id}/quote.pdf`,
  calendar: '/api/calendar',
  calendarJob: (job: string) => `/api/calendar/jobs/${job}`,
  calendarFixed: (job: string) => `/api/calendar/jobs/${job}/fixed`,
  calendarFeed: '/api/calendar/feed',
  calendarFile: (file: string) => `/api/calendar/${file}`,
  costing: '/api/shop/costing',
  costingPrices: '/api/shop/costing/prices',
  costingDropped: '/api/shop/costing/prices/dropped',
  session: '/api/session',
  sessionShop: '/api/session/shop',
  invitation: '/api/session/invitation',
  join: '/api/session/join',
  forgotten: '/api/session/forgotten',
  newPassword: '/api/session/new-password',
  password: '/api/session/password',
  secondFactor: '/api/session/second-factor',
  sessions: '/api/session/all',
  endSession: (id: string) => `/api/session/all/${encodeURIComponent(id)}`,
  crew: '/api/shop/crew',
  member: (id: string) => `/api/shop/crew/members/${encodeURIComponent(id)}`,
  invitations: '/api/shop/crew/invitations',
  withdrawInvitation: (id: string) => `/api/shop/crew/invitations/${encodeURIComponent(id)}`,
  audit: '/api/shop/crew/audit',
  shopFile: '/api/shop/crew/file',
  deleteShop: '/api/shop/crew/deleted',
  restoreShop: '/api/session/shop/restored',
  network: '/api/network',
  letInCode: '/api/network/code',
  letInDevice: (id: string) => `/api/network/devices/${encodeURIComponent(id)}`,
  prices: '/api/shop/prices',
  refreshPrices: '/api/shop/prices/refresh',
  print: (what: string) => `/api/print/${what}`,
  laser: '/api/devices/laser',
  caliper: '/api/devices/caliper',
  log: (job: string) => `/api/jobs/${encodeURIComponent(job)}/log`,
  logStream: (job: string) => `/api/jobs/${encodeURIComponent(job)}/log/stream`,
  photo: (job: string, photo: string) => `/api/jobs/${encodeURIComponent(job)}/photos/${encodeURIComponent(photo)}`,
  record: '/api/record',
  made: '/api/record/made',
  madeReadings: (what: string) => `/api/record/made/${encodeURIComponent(what)}`,
  habits: '/api/shop/habits',
  jobFile: (id: string) => `/api/jobs/${encodeURIComponent(id)}/file`,
} as const;

/** The header every change asked for by Zabble itself has: no page from elsewhere can send it unasked. */
export const OWN_HEADER = 'x-zabble';

/** The page where a device that is not known says its code. */
export const LET_IN_PAGE = '/let-in';

/** Largest body the server takes, in bytes. */
export const LARGEST_BODY = 2_000_000;

/** Largest job file the server takes in, in bytes: its log may be long. */
export const LARGEST_FILE = 64_000_000;

/** So many days a deleted job can be brought back; then it is erased with everything of it. */
export const DELETED_FOR_DAYS = 90;

/** The same of a deleted shop. */
export const SHOP_DELETED_FOR_DAYS = 30;

/** So often a page says that it has a job open, in milliseconds. */
export const HERE_EVERY = 5000;

/** Entries of a log sent at once at most. */
export const MOST_ENTRIES = 500;

/** The largest picture the server takes, in bytes, and the kinds of it. */
export const LARGEST_PICTURE = 12_000_000;
export const PICTURE_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;

/** The kind of answer that tells how far a print is: a line of JSON each time, the last followed by the file itself. */
export const PRINT_STREAM = 'application/x-zabble-print';
