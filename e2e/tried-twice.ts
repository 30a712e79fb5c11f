// Says of every specification that did not hold at the first try which it was: what is not steady is not to be overlooked.
afterEach(function () {
  const test = this.currentTest as (Mocha.Test & { currentRetry(): number; retries(): number }) | undefined;
  if (test && test.state === undefined && test.currentRetry() < test.retries())
    process.stdout.write(`    … did not hold at the first try: ${test.fullTitle()}\n`);
});
