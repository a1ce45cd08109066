const { existsSync } = require('node:fs');
const { basename, dirname, join } = require('node:path');
const Sequencer = require('@jest/test-sequencer').default;

/** What takes longest comes first, so that none is left over when the others are done: what is long, then several in one. */
module.exports = class extends Sequencer {
  sort(tests) {
    return [...super.sort(tests)].sort((one, other) => rankOf(one) - rankOf(other));
  }
};

function rankOf({ path }) {
  const heldBeside = existsSync(join(dirname(path), '__snapshots__', `${basename(path)}.snap`));
  if (path.endsWith('.long.spec.ts') || heldBeside) return 0;
  return path.includes('/.together/') ? 1 : 2;
}
