import type { ShopRead } from '@zabble/core';
import { said } from '@zabble/core';
import { problemOf } from '../http/refusal';
import type { Printer } from '../print/printer';
import { Weeks } from './week';

const read = (name: string) => ({ calendar: { people: [{ id: name, name }] }, jobs: [] }) as unknown as ShopRead;

describe('files of a shop’s days', () => {
  const sent: { name: string; order: { now: { now: number; zone: number }; paper: string; seen?: unknown } }[] = [];
  let refuses = false;
  const printer = {
    print: ({ name, sent: bytes }: { name: string; sent: Uint8Array }) => {
      sent.push({ name, order: JSON.parse(Buffer.from(bytes).toString()) as never });
      if (refuses) return Promise.resolve({ refused: problemOf(413, said('print-too-long', { seconds: 1 })) });
      return Promise.resolve({ name: `made-${name}`, type: 'text/calendar', data: Buffer.from(String(sent.length)) });
    },
  } as unknown as Printer;
  let weeks: Weeks;
  beforeEach(() => {
    jest.useFakeTimers({ now: Date.UTC(2026, 10, 30, 12, 34, 56) });
    [weeks, sent.length, refuses] = [new Weeks(printer), 0, false];
  });
  afterEach(() => jest.useRealTimers());
  const minutes = (hour: number, minute: number) => Date.UTC(2026, 10, 30, hour, minute) / 60_000;

  it('are made of this minute by the shop’s clock, on A4 unless it is said', async () => {
    const made = await weeks.make(read('a'), 'week.pdf', { zone: 60, paper: 'letter' });
    expect(made).toEqual({ name: 'made-week.pdf', type: 'text/calendar', data: Buffer.from('1') });
    expect(sent[0]).toMatchObject({
      name: 'week.pdf',
      order: { now: { now: minutes(13, 34), zone: 60 }, paper: 'letter' },
    });
    expect(sent[0]!.order).not.toHaveProperty('seen');
    await weeks.make(read('a'), 'week.csv');
    expect(sent[1]!.order).toMatchObject({ paper: 'a4', now: { zone: 0 - new Date().getTimezoneOffset() } });
    await weeks.make(read('a'), 'week.csv', { seen: [{ job: 'j' }] as never });
    expect(sent[2]!.order.seen).toEqual([{ job: 'j' }]);
  });

  it('the same is made once; another minute, file or shop anew', async () => {
    await weeks.make(read('a'), 'week.pdf', { zone: 0 });
    await Promise.all([1, 2].map(() => weeks.make(read('a'), 'week.pdf', { zone: 0 })));
    expect(sent).toHaveLength(1);
    await weeks.make(read('a'), 'week.csv', { zone: 0 });
    await weeks.make(read('b'), 'week.pdf', { zone: 0 });
    expect(sent).toHaveLength(3);
    jest.setSystemTime(Date.UTC(2026, 10, 30, 12, 35));
    await weeks.make(read('a'), 'week.pdf', { zone: 0 });
    expect(sent).toHaveLength(4);
  });

  it('those who follow get them anew every half hour', async () => {
    await weeks.feed(read('a'));
    jest.setSystemTime(Date.UTC(2026, 10, 30, 12, 59, 59));
    await weeks.feed(read('a'));
    expect(sent).toHaveLength(1);
    expect(sent[0]!.name).toBe('week.ics');
    const { now, zone } = sent[0]!.order.now;
    expect(now - zone).toBe(minutes(12, 30));
    jest.setSystemTime(Date.UTC(2026, 10, 30, 13));
    await weeks.feed(read('a'));
    expect(sent).toHaveLength(2);
  });

  it('what can’t be made is said, and tried again when it is asked for', async () => {
    refuses = true;
    await expect(weeks.feed(read('a'))).rejects.toMatchObject({ problem: { status: 413 } });
    refuses = false;
    expect((await weeks.feed(read('a'))).data.toString()).toBe('2');
  });

  it('forty are kept, the oldest go first', async () => {
    for (let n = 1; n <= 41; n += 1) await weeks.feed(read(`${n}`));
    await weeks.feed(read('2'));
    await weeks.feed(read('41'));
    expect(sent).toHaveLength(41);
    await weeks.feed(read('1'));
    expect(sent).toHaveLength(42);
  });
});
