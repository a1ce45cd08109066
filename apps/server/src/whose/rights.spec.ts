import type { Role } from '@zabble/contract';
import { mayDo } from './rights';

/** What may be done from which role on. */
const LEAST: readonly (readonly [Role, string, string])[] = [
  ['owner', 'GET', '/shop/crew'],
  ['owner', 'POST', '/shop/crew/invitations'],
  ['owner', 'DELETE', '/SHOP/Crew/x'],
  ['looker', 'GET', '/jobs'],
  ['looker', 'HEAD', '/jobs/x'],
  ['looker', 'OPTIONS', '/shop'],
  ['looker', 'POST', '/print/labels.pdf'],
  ['looker', 'POST', '/devices/laser'],
  ['looker', 'POST', '/calendar/week.ics'],
  ['looker', 'POST', '/jobs/x/here'],
  ['helper', 'POST', '/jobs/x/log'],
  ['helper', 'POST', '/jobs/x/log/'],
  ['helper', 'POST', '/Jobs/x/LOG//'],
  ['helper', 'PUT', '/jobs/x/photos/y'],
  ['helper', 'POST', '/jobs/x/photos'],
  // What only looks alike is a maker's.
  ['maker', 'POST', '/jobs/x/y/here'],
  ['maker', 'POST', '/jobs/x/here/y'],
  ['maker', 'PUT', '/jobs/x/log'],
  ['maker', 'DELETE', '/jobs/x/photos/y'],
  ['maker', 'POST', '/jobs/x/photosof'],
  ['maker', 'POST', '/jobs/log'],
  ['maker', 'POST', '/x/print/labels.pdf'],
  ['maker', 'POST', '/calendar/week.ics/x'],
  ['maker', 'PUT', '/calendar/week.ics'],
  ['maker', 'POST', '/shop/crewx'],
  ['maker', 'OUTPUT', '/jobs/x/photos'],
  ['maker', 'POSTER', '/jobs/x/photos'],
  ['maker', 'POST', '/jobs'],
  ['maker', 'PUT', '/jobs/x'],
  ['maker', 'DELETE', '/jobs/x'],
];
const ROLES: readonly Role[] = ['owner', 'maker', 'helper', 'looker'];

describe('who may do what', () => {
  it.each(LEAST)('from %s on: %s %s', (least, method, path) => {
    const may = ROLES.filter((role) => mayDo(role, method, path));
    expect(may).toEqual(ROLES.slice(0, ROLES.indexOf(least) + 1));
  });
});
