import { said, type Words } from '../words';
import type { Days } from '../scheduling';
import { writeMoment } from '../scheduling';

const day = (at: number): readonly [string, string] => {
  const [date = '', time = ''] = writeMoment(at).split('T');
  return [date, time];
};

/** The order of work as rows of a table, heads first: what, of which job, when, how long, where, by whom, what it waits for. */
export function dayRows(
  { tasks }: Days,
  nameOf: (person: string) => string,
  words: Words,
): readonly (readonly string[])[] {
  const head = (
    name: 'job' | 'task' | 'date' | 'from' | 'until-date' | 'until' | 'minutes' | 'place' | 'people' | 'why',
  ): string => words.say(said('days/head', { head: name }));
  const heads = (
    ['job', 'task', 'date', 'from', 'until-date', 'until', 'minutes', 'place', 'people', 'why'] as const
  ).map(head);
  return [
    heads,
    ...tasks.map(({ task, jobName, start, end, minutes, people, why }) => [
      ...[jobName, words.say(task.called), ...day(start), ...day(end), String(minutes)],
      ...[
        task.place ? words.say(said('task/place', { place: task.place })) : '',
        people.map(nameOf).filter(Boolean).join(', '),
        words.say(why),
      ],
    ]),
  ];
}
