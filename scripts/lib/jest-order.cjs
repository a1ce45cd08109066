const { existsSync } = require('node:fs');
const { basename, dirname, join } = require('node:path');
const Sequencer = require('@jest/test-sequencer').default;

/**
 * What takes longest comes first, so that none is left over when the others are done: what is long, then several in one. Of
 * each project one after the other: those that begin together would all make the same of the same sources, which the next ones
 * find made.
 */
module.exports = class extends Sequencer {
  sort(tests) {
    const turns = new Map();
    const placed = super.sort(tests).map((test) => {
      const rank = rankOf(test);
      const of = `${rank} ${nameOf(test)}`;
      turns.set(of, (turns.get(of) ?? 0) + 1);
      return { test, rank, turn: turns.get(of) };
    });
    return placed.sort((one, other) => one.rank - other.rank || one.turn - other.turn).map(({ test }) => test);
  }
};

const nameOf = ({ context }) => context.config.displayName?.name;

function rankOf(test) {
  const { path } = test;
  // They wait for the database half of their time: best beside what does not.
  if (nameOf(test) === 'server') return 0;
  const heldBeside = existsSync(join(dirname(path), '__snapshots__', `${basename(path)}.snap`));
  if (path.endsWith('.long.spec.ts') || heldBeside) return 0;
  return path.includes('/.together/') ? 1 : 2;
}
