import type { Said } from '../../length';
import type { Words } from '../words';

/** Money as it is read in a sentence: the currency is the shop's, and said where its prices are. */
const money = (amount: number): string => (amount / 100).toFixed(2);

/** What an experienced builder would say of a price. */
export const PRICE_FINDINGS = {
  PRICE_MISSING: ({ what, key }: { what: Said; key: string }, w: Words) =>
    `There is no price for ${w.say(what)} (${key}): what it costs is not in the sum.`,
  PRICE_OLD: ({ what, date, days }: { what: Said; key: string; date: string; days: number }, w: Words) =>
    `The price of ${w.say(what)} is of ${date}, ${days} days old: ask again before it is quoted.`,
  BELOW_COST: ({ by }: { by: number }) =>
    `The price is ${money(by)} under cost and overhead: a job so priced is paid for by the shop.`,
  PULLS_NOT_COUNTED: ({ fronts }: { fronts: number }, w: Words) =>
    `No pull is chosen for ${w.count(fronts, { one: 'front', other: 'fronts' })}: none is counted.`,
  FINISH_NOT_PRICED: 'Nothing is said of the finish: neither its litres nor its hours are in the price.',
  QUOTE_OUT_OF_DATE: ({ number, by }: { number: number; by: number }) =>
    `The job changed since quote ${number}: it would be ${money(Math.abs(by))} ${by < 0 ? 'less' : 'more'} by now. Stand by it, or make a new version.`,
  QUOTE_LAPSED: ({ number, date }: { number: number; date: string }) =>
    `Quote ${number} held until ${date} and was not answered: ask, or make a new version.`,
  BUY_LATE: ({ what, date, by }: { what: Said; date: string; by: string }, w: Words) =>
    `${w.say(what)}: expected on ${date}, wanted by ${by}. Order elsewhere, or begin later.`,
  LIFT: ({ operation }: { operation: Said }, w: Words) =>
    `Two are wanted for ${w.say(operation)}; alone it takes half as long again, with something that lifts and holds. Nobody lifts a sheet or a side that heavy by hand alone.`,
};
