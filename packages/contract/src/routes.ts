/** Paths of the API, used by server and web alike. */
export const ROUTES = {
  health: '/api/health',
  jobs: '/api/jobs',
  importJob: '/api/jobs/import',
  job: (id: string) => `/api/jobs/${encodeURIComponent(id)}`,
  restoreJob: (id: string) => `/api/jobs/${encodeURIComponent(id)}/restore`,
  shopSlides: '/api/shop/slides',
  shopSlide: (id: string) => `/api/shop/slides/${encodeURIComponent(id)}`,
  laser: '/api/devices/laser',
  jobFile: (id: string) => `/api/jobs/${encodeURIComponent(id)}/file`,
} as const;

/** Largest body the server takes, in bytes. */
export const LARGEST_BODY = 2_000_000;
