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
  // However long an id is.
  ['looker', 'POST', '/jobs/x-1/here'],
  ['helper', 'POST', '/jobs/x-1/log'],
  ['helper', 'PUT', '/jobs/x-1/photos/y-2'],
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
  ['maker', 'POST', '/x/calendar/week.ics'],
  ['maker', 'POST', '/calendar/week.'],
  ['maker', 'POST', '/calendar/weekxics'],
  ['maker', 'POST', '/x/jobs/y/here'],
  ['maker', 'POST', '/x/jobs/y/log'],
  ['maker', 'POST', '/x/jobs/y/photos'],
  ['maker', 'POST', '/jobs//here'],
  ['maker', 'POST', '/jobs/x/log/y'],
  ['maker', 'POST', '/x/shop/crew'],
  ...['/print/x', '/calendar/week.ics', '/jobs/x/here', '/jobs/x/log', '/jobs/x/photos'].flatMap((path) =>
    ['REPOST', 'POSTER'].map((method) => ['maker', method, path] as const),
  ),
  ...['GETS', 'AGET', 'HEADS', 'AHEAD', 'OPTIONSX', 'XOPTIONS'].map((method) => ['maker', method, '/jobs'] as const),
  ['maker', 'PUTS', '/jobs/x/photos'],
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
