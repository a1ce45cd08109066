import { USUAL_HOURS, USUAL_WEEK } from './hours';
import { hoursOf, longestOpening, readShopCalendar } from './shop-calendar';

const wrong = (value: unknown): readonly string[] => {
  const read = readShopCalendar(value);
  return read.ok ? [] : read.errors.map(({ path, said }) => `${path} ${said.code}`);
};
const day = (...stretches: readonly (readonly [number, number])[]) => stretches.map(([from, to]) => ({ from, to }));
const week = (first: object[]) => [first, ...Array.from({ length: 6 }, () => [])];

describe('what a shop says of its days', () => {
  it('is taken as it is where it holds', () => {
    const calendar = {
      week: week(day([480, 720], [780, 1020])),
      closed: [
        { from: '2026-12-24', to: '2027-01-02' },
        { from: '2028-02-29', to: '2028-02-29' },
      ],
      people: [
        { id: 'a', name: 'Ada', week: week(day([0, 1440])), off: [{ from: '2026-12-01', to: '2026-12-01' }] },
        { id: 'b', name: '' },
      ],
      places: { saw: 1, bench: 20 },
      temperature: -30,
    };
    expect(readShopCalendar(calendar)).toEqual({ ok: true, calendar });
    expect(readShopCalendar({})).toEqual({ ok: true, calendar: {} });
  });

  it.each<[string, object[]]>([
    ['ends before it begins', day([720, 480])],
    ['is none at all', day([480, 480])],
  ])('a stretch that %s is refused', (_, first) =>
    expect(wrong({ week: week(first) })).toEqual(['calendar.week[0][0] calendar/stretch']),
  );

  it('so is one that begins before the one before it ended, or as it did', () => {
    for (const [from, to] of [
      [700, 800],
      [720, 800],
      [100, 200],
    ] as const)
      expect(wrong({ week: week(day([480, 720], [from, to])) })).toEqual(['calendar.week[0][1] calendar/stretch']);
    expect(wrong({ week: week(day([480, 720], [721, 800])) })).toEqual([]);
    const people = [{ id: 'a', name: 'Ada', week: [[], [], day([9, 3]), [], [], [], []] }];
    expect(wrong({ people })).toEqual(['calendar.people[0].week[2][0] calendar/stretch']);
  });

  it('days off are days there are, the first before the last', () => {
    const closed = (from: string, to: string) => wrong({ closed: [{ from, to }] });
    expect(closed('2026-12-24', '2026-12-24')).toEqual([]);
    expect(closed('2026-12-25', '2026-12-24')).toEqual(['calendar.closed[0] calendar/days']);
    expect(closed('2026-02-30', '2026-03-01')).toEqual(['calendar.closed[0] calendar/days']);
    expect(closed('2026-02-01', 'tomorrow')).toEqual(['calendar.closed[0] calendar/days']);
    expect(wrong({ people: [{ id: 'a', name: 'A', off: [{ from: '2026-13-01', to: '2026-13-01' }] }] })).toEqual([
      'calendar.people[0].off[0] calendar/days',
    ]);
  });

  it('two people are not known by one name to the plan', () => {
    const people = ['a', 'b', 'a'].map((id) => ({ id, name: 'Ada' }));
    expect(wrong({ people })).toEqual(['calendar.people[2].id calendar/twice']);
  });

  it.each<[string, object]>([
    ['a week of six days', { week: Array.from({ length: 6 }, () => []) }],
    ['nobody', { people: [] }],
    ['half a saw', { places: { saw: 0.5 } }],
    ['no saw', { places: { saw: 0 } }],
    ['more than a day', { week: week(day([0, 1441])) }],
    ['a fire', { temperature: 61 }],
    ['what it does not know', { holidays: [] }],
  ])('%s is refused', (_, value) => expect(wrong(value).length).toBe(1));
});

describe('the hours it comes to', () => {
  it('are the usual ones where it says nothing', () => {
    expect(hoursOf({})).toEqual({ week: USUAL_HOURS.week, closed: [], people: USUAL_HOURS.people });
    const said = { week: [[]], closed: [{ from: 'a', to: 'b' }], people: [{ id: 'x', name: 'X' }] };
    expect(hoursOf(said)).toEqual(said);
  });

  it('have a longest time anybody works without a closing', () => {
    const hours = (people: readonly object[], open = week(day([480, 720], [780, 1020]))) =>
      longestOpening({ week: open, closed: [], people } as never);
    expect(hours([{ id: 'a' }])).toBe(240);
    // Of whoever works the shortest stretches the longest of them; one who works none tells nothing.
    expect(
      hours([
        { id: 'a', week: week(day([480, 600], [620, 650])) },
        { id: 'b', week: week([]) },
      ]),
    ).toBe(120);
    expect(hours([{ id: 'a', week: week(day([0, 600])) }])).toBe(240);
    expect(hours([{ id: 'a' }], week([]))).toBe(1);
    expect(longestOpening({ ...USUAL_HOURS, week: USUAL_WEEK })).toBeGreaterThan(60);
  });
});
