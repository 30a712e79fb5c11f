/** Rounds of the weights; they change little after that. */
const MOST_ROUNDS = 200;
const CLOSE_ENOUGH = 1e-6;

/**
 * Weights under which a mixture of models best foretells what each of them was not fitted to: those that make the sum of the
 * logarithms of the mixed probabilities greatest, with a Dirichlet prior worth so many cases.
 * @param foretold probability that each model gave to each case, cases × models. @param worth cases that each model has beforehand,
 * above 0 @param share what a case counts: less than 1 where cases hang together
 * @returns weights, adding up to 1
 * Source: Yao, Y., Vehtari, A., Simpson, D. & Gelman, A. (2018), Using stacking to average Bayesian predictive distributions,
 * Bayesian Analysis 13, 917–1007; by expectation maximisation, as for the shares of any mixture.
 */
export function stackingWeights(
  foretold: readonly (readonly number[])[],
  worth: readonly number[],
  share = 1,
): readonly number[] {
  const total = worth.reduce((a, b) => a + b, 0) + share * foretold.length;
  const beforehand = worth.reduce((a, b) => a + b, 0);
  let weights = worth.map((w) => w / beforehand);
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const next = [...worth];
    for (const row of foretold) {
      const mixed = row.reduce((sum, p, k) => sum + p * weights[k]!, 0);
      // A case that none of them foretold says nothing of which is better.
      if (mixed > 0) row.forEach((p, k) => (next[k]! += (share * p * weights[k]!) / mixed));
      else weights.forEach((w, k) => (next[k]! += share * w));
    }
    const change = next.reduce((most, v, k) => Math.max(most, Math.abs(v / total - weights[k]!)), 0);
    weights = next.map((v) => v / total);
    if (change < CLOSE_ENOUGH) break;
  }
  return weights;
}
