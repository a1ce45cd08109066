import type { Said } from '../../length';
import type { Words } from '../words';

/** What could not be read, as refusals call it. */
const THINGS = {
  job: 'job',
  log: 'log',
  stock: 'stock',
  item: 'item of the rack',
  slide: 'slide',
  material: 'material',
  supplier: 'supplier',
  customer: 'customer',
  prices: 'list of what the shop says of its prices',
  calendar: 'list of what the shop says of its days',
};

type Thing = keyof typeof THINGS;

/** A field of a request and the rule of its contract it breaks. */
interface WrongField {
  readonly field: string;
  readonly rule: string;
  readonly limit?: number | readonly string[];
}

type Rule = (limit: number | readonly string[], w: Words) => string;

/** What the rules of the contract ask for, by the names the checks give them. */
const RULES: Readonly<Record<string, Rule>> = {
  isInt: () => 'a whole number is wanted',
  isNumber: () => 'a number is wanted',
  min: (limit) => `at least ${String(limit)} is wanted`,
  max: (limit) => `at most ${String(limit)} is taken`,
  isString: () => 'text is wanted',
  maxLength: (limit) => `at most ${String(limit)} letters are taken`,
  isBoolean: () => 'true or false is wanted',
  isObject: () => 'an object with fields is wanted',
  nestedValidation: () => 'an object with fields is wanted',
  isArray: () => 'a list is wanted',
  arrayMaxSize: (limit) => `at most ${String(limit)} entries are taken`,
  isIn: (limit, w) =>
    typeof limit === 'number' ? 'it is none of its choices' : `one of ${w.list(limit, 'or')} is wanted`,
  isDay: () => 'a day is wanted, as 2026-12-24',
  isMoment: () => 'a day with its time is wanted, as 2026-12-24T08:15',
  matches: () => 'it is none that was given out',
  isUuid: () => 'an id is wanted',
  isUrl: () => 'an address that begins with http is wanted',
  whitelistValidation: (limit) =>
    typeof limit === 'number' && limit > 0 ? `${limit} more that are none` : 'there is no such field',
};

function ruleOf({ rule, limit = 0 }: WrongField, w: Words): string {
  return RULES[rule]?.(limit, w) ?? 'it can’t be read';
}

const ORDER_STATES = { asked: 'without an answer yet', ordered: 'made', refused: 'refused', off: 'called off' };

/** Why the server or the command line does not do what is asked: what happened, what was kept, what to do. */
export const REFUSALS = {
  unreadable: (
    p: { what: Thing; first: { path: string; why: Said } | undefined; done: 'changed' | 'kept' | 'printed' },
    w: Words,
  ) => {
    const why = p.first ? `${p.first.path}: ${w.say(p.first.why)}` : 'it holds an error';
    return `The ${THINGS[p.what]} can’t be read: ${why}. Nothing was ${p.done}.`;
  },
  'no-such-job': 'There is no job with this id; it may have been deleted.',
  'no-such-revision': ({ revision }: { revision: number }) =>
    `Version ${revision} of this job is not kept (any more): older versions are thinned.`,
  'job-id-taken': 'There was a job with this id before. Nothing was changed; try again.',
  'no-deleted-job': 'There is no deleted job with this id.',
  'log-not-replaced': 'log: entries are added to a job’s log one by one, never replaced with it. Nothing was changed.',
  'changed-elsewhere': (p: { stands: number; yours: number }) =>
    `This job was changed elsewhere meanwhile (it stands at revision ${p.stands}, yours was made from ${p.yours}). Nothing was overwritten.`,
  'job-file-type': 'A job file is sent as application/json. Nothing was changed.',
  'fields-wanted': 'An object with fields is wanted. Nothing was changed.',
  'fields-refused': ({ fields }: { fields: readonly WrongField[] }, w: Words) =>
    `${fields.map((wrong) => `${wrong.field}: ${ruleOf(wrong, w)}.`).join(' ')} Nothing was changed.`,
  'not-in-shop': ({ what }: { what: Thing }) => `There is no ${THINGS[what]} with this id in the shop’s list.`,
  'row-changed': ({ what, name }: { what: Thing; name: string }) =>
    `The shop keeps another ${THINGS[what]} named “${name}” by now. Nothing was replaced; do it again to put this one in its place.`,
  'row-changed-since': ({ what }: { what: Thing }) =>
    `This ${THINGS[what]} was changed elsewhere meanwhile. Nothing was changed; look at it again.`,
  'habit-changed': (p: { habit: string; stands: string }) =>
    `${p.habit}: it was changed elsewhere meanwhile and ${p.stands === '' ? 'is not said any more' : `stands at ${p.stands}`}. Nothing was changed.`,
  'quote-of-another': ({ stands, yours }: { stands: number; yours: number }) =>
    `The job stands at revision ${stands} and the quote was asked of ${yours}: look at it first. No quote was made.`,
  'quote-of-nothing': 'Nothing of this job has a price yet: there is nothing to quote. No quote was made.',
  'no-such-order': 'There is no order with this id.',
  'no-such-supplier': ({ supplier }: { supplier: string }) =>
    `There is no supplier named “${supplier}” in the shop’s list. Nothing was ordered.`,
  'order-stands': ({ state }: { state: 'asked' | 'ordered' | 'refused' | 'off' }) =>
    `This order is ${ORDER_STATES[state]}: from there it does not go on so. Nothing was changed.`,
  'order-has-arrived': 'Something of this order has arrived: it can’t be called off any more. Nothing was changed.',
  'buying-changed':
    'Something was ordered or laid aside elsewhere meanwhile. Nothing was ordered: look at the list again, it is up to date now.',
  'drawer-too-small': ({ key, has, takes }: { key: string; has: number; takes: number }) =>
    `The drawer has ${has} of ${key}, ${takes} are wanted of it. Nothing was laid aside.`,
  'drawer-used':
    'What came with it beyond what jobs want is no longer in the drawer: count the drawer first. Nothing was changed.',
  'drawer-changed': ({ key, has }: { key: string; has: number }) =>
    `${key} was counted elsewhere meanwhile: the drawer has ${has}. Nothing was changed.`,
  'supplier-silent': 'The supplier’s service does not answer. Nothing was changed; ask again later.',
  'supplier-unread': ({ status }: { status: number }) =>
    `The supplier’s service answered with what can’t be read (${status}). Nothing was changed.`,
  'no-such-quote': 'There is no quote with this id.',
  'quote-stands': ({ state }: { state: 'drafted' | 'sent' | 'accepted' | 'refused' | 'lapsed' }) =>
    `This quote is ${state}: from there it does not go on so. Nothing was changed.`,
  'costing-changed':
    'What the shop says of its prices was changed elsewhere meanwhile. Nothing was changed; look at what it says now.',
  'calendar-changed':
    'What the shop says of its days was changed elsewhere meanwhile. Nothing was changed; look at what it says now.',
  'money-changed': 'The currency was changed elsewhere meanwhile. Nothing was changed; look at what it is now.',
  'no-name': ({ what }: { what: Thing }) => `The ${THINGS[what]} has no name to be found by. Nothing was changed.`,
  'layouts-refused': (p: { why: Said }, w: Words) =>
    `The layouts don’t hold: ${w.say(p.why)}. Nothing was printed; lay the parts out again.`,
  'print-busy': 'Too much is being printed just now. Nothing was printed; try again in a moment.',
  'print-too-long': ({ seconds }: { seconds: number }) =>
    `This took longer than ${seconds} s. Nothing was printed; try again, or print a smaller part of it.`,
  'print-too-big': 'This is more than can be printed at once. Nothing was printed; print its papers one by one.',
  'not-in-rack': 'There is nothing with this id in the rack (any more).',
  'no-booking': 'There is no booking with this id.',
  'off-cut-used': 'An off-cut of this layout has been used since. Nothing was put back.',
  'rack-too-small': (p: { has: number; takes: number }) =>
    `The rack has ${p.has} of what the layout takes ${p.takes} of. Nothing was booked; lay it out again.`,
  'no-photo': 'There is no such photograph in this job.',
  'picture-type': (p: { read: string; types: readonly string[] }) =>
    `Read ${p.read === '' ? 'nothing' : p.read}: a photograph is ${p.types.join(', ')}. Nothing was kept.`,
  'no-picture': ({ format }: { format: string }) =>
    `This is no ${format} picture, whatever its name says. Nothing was kept.`,
  'habit-refused': (p: { habit: string; why: Said }, w: Words) => `${p.habit}: ${w.say(p.why)}. Nothing was changed.`,
  'nothing-at': ({ method, path }: { method: string; path: string }) => `There is nothing at ${method} ${path}.`,
  'too-large': ({ limit }: { limit: number }) =>
    `That is over ${limit} bytes, more than a job takes. Nothing was changed.`,
  'too-deep': ({ most }: { most: number }) =>
    `What was sent is nested more than ${most} deep: no job is. Nothing was changed.`,
  'sent-no-picture':
    'The solid view is printed with a picture of it as PNG, and what was sent has none that can be read. Nothing was printed.',
  'sent-no-json': 'What was sent is not JSON. Nothing was changed.',
  'sent-encoding': 'What was sent is in an encoding that can’t be read. Nothing was changed.',
  'database-away': 'The database does not answer. Nothing was changed; try again in a moment.',
  'outcome-unknown':
    'The database went away while this was done: whether it was done is not known. Look before you do it again.',
  'disk-full': 'The disk of the database is full. Nothing was changed; make room, and do it again.',
  'too-busy': 'Too much is asked of the server just now. Nothing was changed; try again in a moment.',
  'too-many-listening': 'Too many pages follow logs just now. Nothing was changed; it is tried again by itself.',
  'no-currency': ({ read }: { read: string }) => `Read "${read}": there is no such currency. Nothing was changed.`,
  'another-name': ({ host }: { host: string }) =>
    `This Zabble is not known as ${host === '' ? 'nothing at all' : host}. Nothing was shown.`,
  'from-elsewhere': 'This was asked for by a page from elsewhere. Nothing was changed.',
  'not-let-in':
    'This device is not let in (any more). Load the page again to say its code, which is shown at the machine Zabble runs on. Nothing was changed.',
  'not-signed-in':
    'Nobody is signed in here (any more). Nothing was changed; what this device keeps is still here: sign in, and go on.',
  'not-signed-in-so':
    'E-mail, password or code is not right. Nobody was signed in. If it goes on, ask for a link for a new password.',
  'second-factor-wanted': 'The code your second factor shows now is wanted too.',
  'second-factor-on': 'A second factor is on already. Nothing was changed.',
  'second-factor-wrong':
    'That is not the code it shows now. Nothing was changed; wait for the next one, and type that.',
  'too-many-attempts': ({ minutes }: { minutes: number }, w: Words) =>
    `Too many attempts. Nothing was done; try again in ${w.count(minutes, { one: 'minute', other: 'minutes' })}.`,
  'link-used': 'This link is good no more: it was used, withdrawn or is too old. Ask for a new one.',
  'name-wanted': 'A name is wanted: it stands beside what you do. Nobody was signed in.',
  'no-shop': 'You belong to no shop (any more). Ask its owner for an invitation. Nothing was shown or changed.',
  'shop-deleted': ({ days }: { days: number }, w: Words) =>
    `This shop is deleted. An owner can bring it back for ${w.count(days, { one: 'day', other: 'days' })} more, on their account. Nothing was shown or changed.`,
  'no-such-shop': 'There is no such shop of yours (any more). Nothing was changed.',
  'no-session': 'There is no such session (any more).',
  'not-your-role': 'That is not yours to do in this shop: ask an owner of it. Nothing was changed.',
  'another-shop':
    'This page is of another shop than the one you look at now. Nothing was changed: load the page again.',
  'password/short': ({ least }: { least: number }) =>
    `The password is too short: at least ${least} letters are wanted. Nothing was changed.`,
  'password/common': 'That password is one of those everybody tries first. Nothing was changed: take another.',
  'password/own': 'That password is made of your name or address. Nothing was changed: take another.',
  'password/wrong': 'The password is not right. Nothing was changed.',
  'crew/is-member': ({ email }: { email: string }) => `${email} belongs to the shop already. Nobody was invited.`,
  'crew/full': ({ most }: { most: number }) => `A shop has at most ${most} people. Nobody was invited.`,
  'crew/no-invitation': 'There is no such invitation (any more).',
  'crew/no-member': 'Nobody like that belongs to the shop (any more). Nothing was changed.',
  'crew/last-owner': 'A shop keeps an owner: make somebody else one first. Nothing was changed.',
  'shop-file/wrong': ({ line, why }: { line: number; why: Said }, w: Words) =>
    `The file can’t be brought in: line ${line}: ${w.say(why)}. Nothing was changed.`,
  'shop-file/none': 'it is no file of a shop',
  'shop-file/newer': 'it was taken out of a newer Zabble',
  'shop-file/broken': 'it breaks off, or is not packed as it should be',
  'shop-file/long': 'it is longer than any that is taken out',
  'shop-file/row': 'it is no row of a shop',
  'shop-file/not-empty':
    'There are jobs in this shop already. A file of a whole shop is brought into one that has none. Nothing was changed.',
  'letter/invited-subject': ({ shop }: { shop: string }) =>
    shop === '' ? 'You are invited to a shop on Zabble' : `You are invited to ${shop} on Zabble`,
  'letter/invited': ({ by, shop, link }: { by: string; shop: string; link: string }) =>
    `${by === '' ? 'Somebody' : by} invites you to ${shop === '' ? 'a shop' : shop} on Zabble. Open this link within a week to take the invitation:\n\n${link}\n\nIf you expected nothing of the kind, do nothing: nobody gets in by it but who has this letter.`,
  'letter/forgotten-subject': 'A new password for Zabble',
  'letter/forgotten': ({ link }: { link: string }) =>
    `Somebody, probably you, forgot the password of this address on Zabble. Open this link within an hour to choose a new one; everybody who is signed in as you is signed out by it:\n\n${link}\n\nIf it was not you, do nothing: the password stays as it is.`,
  'mailbox/title': 'Mailbox for trials · Zabble',
  'mailbox/heading': 'Mailbox for trials',
  'mailbox/what':
    'This Zabble has no mail server (MAIL_SERVER): what it would have sent lies here, and is shown at this machine alone.',
  'mailbox/empty': 'Nothing was sent yet.',
  'only-near': 'Others are let in and sent away only at the machine Zabble runs on. Nothing was changed.',
  'door-stuck': ({ port, why }: { port: number; why: string }) =>
    why === 'EADDRINUSE'
      ? `Port ${port} is taken by another program, so that the network can’t be let in. Start Zabble with another NETWORK_PORT.`
      : `The machine does not let port ${port} be opened (${why}). The network is not let in.`,
  'address-not-ours': ({ address }: { address: string }) =>
    `${address} is none of the addresses of this machine. Nothing was changed.`,
  'network-closed': 'The network is not let in: open it first. No code was made.',
  'no-device': 'There is no such device (any more).',
  'let-in/title': 'Let this device in · Zabble',
  'let-in/heading': 'This device is not let in yet',
  'let-in/how':
    'At the machine Zabble runs on, open “Phones and tablets” and ask for a code. It is good for ten minutes and for one device.',
  'let-in/code': 'The six digits of the code',
  'let-in/name': 'What to call this device',
  'let-in/do': 'Let this device in',
  'let-in/wrong':
    'That code lets nobody in: it was mistyped, used already, or is too old. Compare it, or ask for a new one.',
  'address-unreadable': 'This address can’t be read. Nothing was changed.',
  'server-wrong': 'Something went wrong in the server. Nothing was changed; its log has the details.',
  'file-wrong': (p: { file: string; why: Said }, w: Words) => `${p.file}: ${w.say(p.why)}`,
  'file/too-large': ({ bytes }: { bytes: number }) => `${bytes} bytes: a job file is never so large`,
  'file/missing': 'there is no such file',
  'file/folder': 'that is a folder, not a file',
  'file/forbidden': 'the file may not be read',
  'file/not-utf8': 'the file is not UTF-8 text',
  'file/unreadable': 'the file can’t be read',
  'file/no-text': 'there is no such file of UTF-8 text',
};
