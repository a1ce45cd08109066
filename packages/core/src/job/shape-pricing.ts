import { list, named, number, object, oneOf, oneSetOf, optional, reader, readWrong, required, text } from '../reading';
import { said } from '../words';
import { SURVEYS, type BoughtIn, type FinishGroup, type Pricing } from './pricing';

const id = named('id', text(40, 1));
const name = text(200, 1);
const money = number(0, 1_000_000);
const minutes = number(0, 100_000);
/** Of a hundred. */
const percent = number(0, 1000);

export const survey = oneOf(...SURVEYS);

export const finishGroup = object<FinishGroup>({
  parts: required(list(name, 1, 60)),
  row: required(id),
  faces: required(oneOf('show', 'both')),
  when: required(oneOf('before', 'after')),
});

const overhead = oneSetOf(
  object<NonNullable<Pricing['overhead']>>({ percent: optional(percent), hour: optional(money) }),
  [['percent'], ['hour']],
  said('overhead-needs'),
);

const share = object<NonNullable<Pricing['margin']>>({
  percent: required(percent),
  of: required(oneOf('cost', 'price')),
});
const MOST_OF_PRICE = 99;

/** Of the price itself less than all of it. */
const margin = reader<NonNullable<Pricing['margin']>>(
  {
    ...share.schema,
    oneOf: [
      { properties: { of: { enum: ['cost'] } } },
      { properties: { of: { enum: ['price'] }, percent: { maximum: MOST_OF_PRICE } } },
    ],
  },
  (value, path, report) => {
    const read = share(value, path, report);
    if (!read || read.of === 'cost' || read.percent <= MOST_OF_PRICE) return read;
    report.add(`${path}.percent`, readWrong(read.percent, said('from-to', { least: 0, most: MOST_OF_PRICE })));
    return undefined;
  },
);

/** What a shop may say of every price, and a job of its own. */
export const usualPricing = {
  overhead: optional(overhead),
  margin: optional(margin),
  discount: optional(number(0, 100)),
  tax: optional(
    object<NonNullable<Pricing['tax']>>({
      percent: required(number(0, 100)),
      how: required(oneOf('added', 'included')),
    }),
  ),
  people: optional(number(1, 20, 'whole')),
};

export const pricing = object<Pricing>({
  ...usualPricing,
  visits: optional(number(0, 1000, 'whole')),
  travel: optional(minutes),
  demolish: optional(minutes),
  bought: optional(
    list(
      object<BoughtIn>({
        id: required(id),
        name: required(name),
        count: required(number(0, 1_000_000)),
        unit: optional(text(40)),
        price: required(money),
      }),
      0,
      200,
    ),
  ),
});
