import { said, wordsIn, ENGLISH } from '../words';
import { millimetres } from '../length';
import { momentOf, type Days } from '../scheduling';
import { dayRows } from './day-rows';

const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(1) });

it('the order of work as a table: what, when, how long, where, by whom, and what it waits for', () => {
  const task = (place: string | undefined) => ({ called: said('quote/making'), ...(place ? { place } : {}) });
  const days = {
    tasks: [
      {
        ...{
          task: task('bench'),
          jobName: 'Flag chest',
          minutes: 90,
          people: ['a', 'b', 'gone'],
          why: said('quote/wood'),
        },
        ...{ start: momentOf('2026-12-01', 1410), end: momentOf('2026-12-02', 60) },
      },
      {
        ...{ task: task(undefined), jobName: 'Oar rack', minutes: 0, people: [], why: said('quote/bought') },
        ...{ start: momentOf('2026-12-02', 485), end: momentOf('2026-12-02', 485) },
      },
    ],
  } as unknown as Days;
  const names: Readonly<Record<string, string>> = { a: 'Ada', b: 'Ben' };
  const [heads, ...rows] = dayRows(days, (person) => names[person] ?? '', words);
  expect(heads).toEqual(['Job', 'Task', 'Day', 'From', 'Until day', 'Until', 'Minutes', 'Where', 'Who', 'Why then']);
  expect(rows).toEqual([
    [
      'Flag chest',
      'Making',
      '2026-12-01',
      '23:30',
      '2026-12-02',
      '01:00',
      '90',
      'at the bench',
      'Ada, Ben',
      'Wood and sheets',
    ],
    ['Oar rack', 'Making', '2026-12-02', '08:05', '2026-12-02', '08:05', '0', '', '', 'Bought in'],
  ]);
});
