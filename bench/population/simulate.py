"""The reference run in vectorised numpy: all runs of a year at once. Prints milliseconds (median of the repeats) and the quantiles as JSON."""
import json
import sys
import time

import numpy as np
from model import read

stages, classes, runs, years, capacity, floor, counted, start, places, values = read(sys.argv[1])
repeats = int(sys.argv[2])
QUANTILES = [0.05, 0.25, 0.5, 0.75, 0.95]


def simulate(seed):
    rng = np.random.default_rng(seed)
    n = [np.full(runs, x) for x in start]
    below = np.zeros(runs, dtype=bool)
    fans = np.empty((years, len(QUANTILES)))
    kth = [int(q * (runs - 1)) for q in QUANTILES]
    for year in range(years):
        k = rng.integers(0, classes, runs, dtype=np.int32)
        new = [None] * stages
        for e, (i, j) in enumerate(places):
            term = values[e].take(k)
            term *= n[j]
            if new[i] is None:
                new[i] = term
            else:
                new[i] += term
        total = sum(new[i] for i in range(stages) if counted[i])
        over = np.minimum(1.0, capacity / np.maximum(total, 1e-300))
        for i in range(stages):
            if counted[i]:
                new[i] *= over
        total *= over
        below |= total < floor
        fans[year] = np.partition(total, kth)[kth]
        n = new
    return fans, float((total < floor).mean()), float(below.mean())


times = []
for repeat in range(repeats):
    before = time.perf_counter()
    fans, last, ever = simulate(repeat + 1)
    times.append(1000 * (time.perf_counter() - before))
print(json.dumps({"ms": float(np.median(times)), "fan": fans[-1].tolist(), "below": last, "ever": ever}))
