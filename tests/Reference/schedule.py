"""The same schedules by mixed integer programming, for ScheduleTest: scipy.optimize.milp (HiGHS).

Two passes: the latest first start, then the latest sum of all sauces' starts with that first start held.
"""
import json
import sys

import numpy
from scipy.optimize import Bounds, LinearConstraint, milp

BIG = 20000.0


def solve(problem):
    tasks, ready = problem["tasks"], problem["ready"]
    n = len(tasks)
    stretches = [(kind, a, b) for kind in ("hands", "ring", "oven") for a, b in problem[kind]]
    room = {"hands": 1, "ring": problem["rings"], "oven": problem["ovens"]}
    names, integer = n + 1, []
    rows, low, high = [], [], []

    def column(is_integer):
        nonlocal names
        names += 1
        integer.append(names - 1)
        return names - 1

    def row(parts, least, most):
        rows.append(parts)
        low.append(least)
        high.append(most)

    for i, task in enumerate(tasks):
        following = i + 1 < n and tasks[i + 1]["sauce"] == task["sauce"]
        if following:
            most = numpy.inf if task["wait"] is None else task["minutes"] + task["wait"]
            row({i + 1: 1, i: -1}, task["minutes"], most)
        else:
            row({i: 1}, -numpy.inf, ready[task["sauce"]] - task["minutes"])
        if i == 0 or tasks[i - 1]["sauce"] != task["sauce"]:
            # the last column but the binaries is the first start
            row({n: 1, i: -1}, -numpy.inf, 0)
    place = {}
    for j, (kind, a, b) in enumerate(stretches):
        units = [column(True) for _ in range(room[kind])]
        place[j] = units
        row({u: 1 for u in units}, 1, 1)
    for j, (kind, a, b) in enumerate(stretches):
        for k in range(j + 1, len(stretches)):
            other, c, d = stretches[k]
            if kind != other or tasks[a]["sauce"] == tasks[c]["sauce"]:
                continue
            for u in range(room[kind]):
                first, second = column(True), column(True)
                # j before k, or k before j, where both are at u
                row({c: 1, b: -1, first: -BIG}, tasks[b]["minutes"] - BIG, numpy.inf)
                row({a: 1, d: -1, second: -BIG}, tasks[d]["minutes"] - BIG, numpy.inf)
                row({first: 1, second: 1, place[j][u]: -1, place[k][u]: -1}, -1, numpy.inf)
    matrix = numpy.zeros((len(rows), names))
    for r, parts in enumerate(rows):
        for c, v in parts.items():
            matrix[r, c] = v
    kinds = numpy.zeros(names)
    least, most = numpy.full(names, -BIG / 2), numpy.full(names, BIG / 2)
    for c in integer:
        kinds[c], least[c], most[c] = 1, 0, 1
    constraint = LinearConstraint(matrix, low, high)
    goal = numpy.zeros(names)
    goal[n] = -1
    first = milp(goal, constraints=constraint, bounds=Bounds(least, most), integrality=kinds)
    if not first.success:
        return None
    least[n] = first.x[n] - 1e-4
    goal = numpy.zeros(names)
    for i, task in enumerate(tasks):
        if i == 0 or tasks[i - 1]["sauce"] != task["sauce"]:
            goal[i] = -1
    second = milp(goal, constraints=constraint, bounds=Bounds(least, most), integrality=kinds)
    return [float(first.x[n]), float(-second.fun)] if second.success else None


json.dump([solve(problem) for problem in json.load(sys.stdin)], sys.stdout)
