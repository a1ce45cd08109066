/** Where a page of a list ended: one or two moments and an id or a number, joined by `~`. */
export const CURSOR = /^(?:\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z~){1,2}[0-9a-f-]{1,36}$/;
