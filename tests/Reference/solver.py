"""Solves the problems on standard input with SciPy, for SolverTest: the general-purpose reference.

By lsq_linear (BVLS).
"""
import json
import sys

import numpy
from scipy.optimize import lsq_linear


def bounded(a, b, low, high):
    # it takes no fixed variable
    x, free = low.copy(), low < high
    if free.any():
        rest = b - a[:, ~free] @ low[~free]
        x[free] = lsq_linear(a[:, free], rest, (low[free], high[free]), method="bvls", tol=1e-14, max_iter=10000).x
    return x


def best(problem):
    a, b = numpy.array(problem["a"], float), numpy.array(problem["b"], float)
    low = numpy.array([-numpy.inf if v is None else v for v in problem["low"]], float)
    high = numpy.array([numpy.inf if v is None else v for v in problem["high"]], float)
    value = lambda x: 0.5 * float(numpy.sum((a @ x - b) ** 2))
    return value(bounded(a, b, low, high))


problems = json.load(sys.stdin)
if "--time" in sys.argv:
    # seconds for all of them, without reading and writing; for bin/bench
    import time
    taken = []
    for _ in range(5):
        start = time.perf_counter()
        for problem in problems:
            lsq_linear(problem["a"], problem["b"], ([-numpy.inf if v is None else v for v in problem["low"]], [numpy.inf if v is None else v for v in problem["high"]]), method="bvls")
        taken.append(time.perf_counter() - start)
    json.dump([sorted(taken)[2]], sys.stdout)
else:
    json.dump([best(problem) for problem in problems], sys.stdout)
