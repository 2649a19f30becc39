/** A reporter for Vitest: names the tests that passed only when they were run again. */
export default class SecondGoes {
  /** @type {string[]} */
  #names = [];

  /** @param {import('vitest/node').TestCase} test */
  onTestCaseResult(test) {
    if (test.diagnostic()?.flaky) this.#names.push(test.fullName);
  }

  onTestRunEnd() {
    if (this.#names.length === 0) return;
    console.log(
      `\nPassed only when run again:\n${this.#names.map((name) => `  ${name}`).join('\n')}`,
    );
  }
}
