const { isDeepStrictEqual } = require('node:util');

/**
 * What is just as expected is found so at once: to ask the whole of `expect` takes longer than most of what is asked for, and
 * tests of random jobs ask it a million times. Whatever is not, it is asked about, and says so where it was asked.
 */
const whole = globalThis.expect;

const numbers = (one, other) => typeof one === 'number' && typeof other === 'number';
/** What holds by these holds by it as well. */
const AT_ONCE = {
  toBe: Object.is,
  toEqual: isDeepStrictEqual,
  toStrictEqual: isDeepStrictEqual,
  toBeLessThan: (one, other) => numbers(one, other) && one < other,
  toBeLessThanOrEqual: (one, other) => numbers(one, other) && one <= other,
  toBeGreaterThan: (one, other) => numbers(one, other) && one > other,
  toBeGreaterThanOrEqual: (one, other) => numbers(one, other) && one >= other,
};

function Asked(actual) {
  this.actual = actual;
}

for (const name of Object.keys(whole(undefined))) {
  const holds = AT_ONCE[name];
  if (!holds) Object.defineProperty(Asked.prototype, name, { get: asking(name) });
  else Asked.prototype[name] = answering(name, holds);
}

function asking(name) {
  return function () {
    return whole(this.actual)[name];
  };
}

function answering(name, holds) {
  return function answer(expected) {
    if (arguments.length === 1 && holds(this.actual, expected)) return;
    try {
      whole(this.actual)[name](...arguments);
    } catch (problem) {
      Error.captureStackTrace(problem, answer);
      throw problem;
    }
  };
}

globalThis.expect = Object.assign(
  (...actual) => (actual.length === 1 ? new Asked(actual[0]) : whole(...actual)),
  whole,
);
