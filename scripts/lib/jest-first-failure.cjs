const { TestEnvironment } = require('jest-environment-node');

/** Once a test of a file failed its others are left out: one is enough to notice a change. */
module.exports = class extends TestEnvironment {
  #failed = false;

  async handleTestEvent({ name, test }) {
    if (name === 'test_done') this.#failed ||= test.errors.length > 0;
    if (name === 'test_start' && this.#failed) test.mode = 'skip';
  }
};
