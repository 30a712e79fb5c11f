"""Reads the reference model that all three implementations play, as compare.ts writes it."""
import numpy as np


def read(path):
    words = open(path).read().split()
    at = 0

    def take(n):
        nonlocal at
        got = words[at : at + n]
        at += n
        return got

    stages, classes, entries, runs, years = (int(w) for w in take(5))
    capacity, floor = (float(w) for w in take(2))
    counted = np.array([int(w) for w in take(stages)], dtype=bool)
    start = np.array([float(w) for w in take(stages)])
    places = [(int(i), int(j)) for i, j in zip(*[iter(take(2 * entries))] * 2)]
    values = np.array([float(w) for w in take(entries * classes)]).reshape(entries, classes)
    return stages, classes, runs, years, capacity, floor, counted, start, places, values
