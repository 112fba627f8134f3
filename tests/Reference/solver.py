"""Solves the problems on standard input with SciPy, for SolverTest: the general-purpose reference.

Bounded ones by lsq_linear (BVLS); with an equality by SLSQP and by lsq_linear with a heavy row, the better of the two.
"""
import json
import sys

import numpy
from scipy.optimize import lsq_linear, minimize


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
    if problem["c"] is None:
        return value(bounded(a, b, low, high))
    c, d = numpy.array(problem["c"], float), problem["d"]
    heavy = bounded(numpy.vstack([a, 1e5 * c]), numpy.append(b, 1e5 * d), low, high)
    found = []
    for start in (heavy, numpy.clip(numpy.zeros(len(c)), low, high)):
        answer = minimize(value, start, jac=lambda x: a.T @ (a @ x - b), method="SLSQP", bounds=list(zip(low, high)),
                          constraints={"type": "eq", "fun": lambda x: c @ x - d, "jac": lambda x: c},
                          options={"ftol": 1e-15, "maxiter": 2000})
        if abs(c @ answer.x - d) < 1e-8 * (1 + abs(d)):
            found.append(value(numpy.clip(answer.x, low, high)))
    return min(found) if found else None


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
