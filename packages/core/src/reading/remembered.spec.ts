import { number, object, optional, required, text } from '.';
import { cameAs, partText, remembered } from './remembered';
import { Report } from './report';

interface Box {
  readonly name: string;
  readonly size?: number;
}

/** A reader that counts how often it is really asked. */
function counting() {
  let asked = 0;
  const inner = object<Box>({ name: required(text(20, 1)), size: optional(number(0, 10)) });
  const reader = remembered<Box>(
    Object.assign(
      (...[value, path, report]: Parameters<typeof inner>) => {
        asked += 1;
        return inner(value, path, report);
      },
      { schema: inner.schema },
    ),
  );
  return { read: (value: unknown, report = new Report()) => reader(value, 'box', report), asked: () => asked };
}

describe('what was read without a fault', () => {
  it('is known again by its text, and is the same then', () => {
    const { read, asked } = counting();
    const first = read({ name: 'a', size: 2 });
    expect(first).toEqual({ name: 'a', size: 2 });
    expect(read({ name: 'a', size: 2 })).toBe(first);
    expect(asked()).toBe(1);
    expect(read({ name: 'a', size: 3 })).toEqual({ name: 'a', size: 3 });
    expect(asked()).toBe(2);
  });

  it('is known by the text a part came in, which nobody writes anew', () => {
    const { read, asked } = counting();
    const [one, other] = [{ name: 'a' }, { name: 'a' }];
    cameAs(one, 'came so');
    cameAs(other, 'came so');
    expect(partText(one)).toBe('came so');
    expect(partText({ name: 'b' })).toBe('{"name":"b"}');
    expect(read(other)).toBe(read(one));
    expect(read(one)).toBe(read(one));
    expect(asked()).toBe(1);
    // By that text alone: as it would be written it is not known.
    read({ name: 'a' });
    expect(asked()).toBe(2);
  });

  it('is not what had a fault: that is told again', () => {
    const { read, asked } = counting();
    for (const times of [1, 2]) {
      const report = new Report();
      expect(read({ name: 7 }, report)).toBeUndefined();
      expect(report.errors.map(({ path }) => path)).toEqual(['box.name']);
      expect(asked()).toBe(times);
    }
  });

  it('is read anew where it can’t be written down', () => {
    const { read, asked } = counting();
    const round: Record<string, unknown> = { name: 'a' };
    round['self'] = round;
    read(round);
    read(round);
    expect(asked()).toBe(2);
    read('no object');
    expect(asked()).toBe(3);
  });
});
