import type { Role } from '@zabble/contract';

/** From most to least: each may do what those after it may. */
const FROM_MOST: readonly Role[] = ['owner', 'maker', 'helper', 'looker'];

interface Right {
  readonly methods: RegExp;
  readonly path: RegExp;
  readonly least: Role;
}

const LOOKING = /^(?:GET|HEAD|OPTIONS)$/;
const ANY = /^/;

/** Who may do what, by the path under /api: the first row that fits counts. */
const RIGHTS: readonly Right[] = [
  { methods: ANY, path: /^\/shop\/crew(?:\/|$)/, least: 'owner' },
  { methods: LOOKING, path: ANY, least: 'looker' },
  // What is only made of what is sent, or of what may be seen.
  { methods: /^POST$/, path: /^\/(?:print|devices)\//, least: 'looker' },
  { methods: /^POST$/, path: /^\/calendar\/week\.\w+$/, least: 'looker' },
  // Who has a job open says so, whoever it is.
  { methods: /^POST$/, path: /^\/jobs\/[^/]+\/here$/, least: 'looker' },
  // The record and steps.
  { methods: /^POST$/, path: /^\/jobs\/[^/]+\/log$/, least: 'helper' },
  { methods: /^(?:PUT|POST)$/, path: /^\/jobs\/[^/]+\/photos(?:\/|$)/, least: 'helper' },
  { methods: ANY, path: ANY, least: 'maker' },
];

/** Whether somebody of this role may do it. `path` is what comes after /api, without a query. */
export function mayDo(role: Role, method: string, path: string): boolean {
  // Routes are found whatever the case of their letters, and with or without a slash at the end.
  const asked = path.toLowerCase().replace(/\/+$/, '');
  const right = RIGHTS.find((each) => each.methods.test(method) && each.path.test(asked));
  return FROM_MOST.indexOf(role) <= FROM_MOST.indexOf(right?.least ?? 'owner');
}
