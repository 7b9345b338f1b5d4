// Tests without a page run in processes of their own that share their modules; these are ended and waited for, so
// that what they took of the processors is in their parent's account.
import { once } from 'node:events';
import LightRunner from 'jest-light-runner/child-process';

export default class CoreRunner extends LightRunner {
  #processes = new Set();

  async _runTest(test) {
    const result = await super._runTest(test);
    // in one process of all it has none
    for (const { pool } of this._testRunners.values())
      for (const thread of pool.threads ?? []) this.#processes.add(thread.process);
    return result;
  }

  async runTests(...asked) {
    await super.runTests(...asked);
    const ending = [...this.#processes].map((one) => {
      if (one.exitCode !== null || one.signalCode !== null) return null;
      // its pool would take the end of a process that it did not end for a fault
      one.removeAllListeners('exit');
      const ended = once(one, 'exit');
      one.kill('SIGTERM');
      return ended;
    });
    await Promise.all(ending);
  }
}
