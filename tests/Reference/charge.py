"""Finds the pH ChargeTest asks for with SciPy's brentq: another root-finder, and the whole Davies equation.

A problem holds, per kilogram of water, groups of [mol, charge of the form with all its protons, pKa…] and strong base
in mol. "strength" is the ionic strength to compute at; null works it out from what there is, as the equation asks.
With "ph" instead of "base" it prints the strong base that gives this pH.
"""
import json
import math
import sys

from scipy.optimize import brentq


def gamma(strength):
    root = math.sqrt(strength)
    return -0.509 * (root / (1 + root) - 0.3 * strength)


def state(groups, ph, strength):
    """Charge lost and ionic strength of the anions, mol/kg, hydrogen and hydroxide ions counted with it."""
    g = gamma(strength)
    lost = squares = 0.0
    for moles, charge, constants in groups:
        weights = [1.0]
        for i, pk in enumerate(constants):
            z = charge - i
            weights.append(weights[-1] * 10 ** (ph - pk - g * ((z - 1) ** 2 - z ** 2)))
        total = sum(weights)
        lost += moles * sum(i * w for i, w in enumerate(weights)) / total
        squares += moles * sum((charge - i) ** 2 * w for i, w in enumerate(weights)) / total
    h, oh = 10 ** -ph / 10 ** g, 1e-14 / 10 ** -ph / 10 ** g
    return lost - h + oh, (squares + h + oh) / 2


def solve(problem):
    strength = problem["strength"] if problem["strength"] is not None else 0.1
    answer = 0.0
    for _ in range(1 if problem["strength"] is not None else 80):
        if "ph" in problem:
            ph, answer = problem["ph"], state(problem["groups"], problem["ph"], strength)[0]
            base = answer
        else:
            base = problem["base"]
            ph = answer = brentq(lambda p: state(problem["groups"], p, strength)[0] - base, -1, 15, xtol=1e-13)
        if problem["strength"] is None:
            strength = (strength + state(problem["groups"], ph, strength)[1] + abs(base) / 2) / 2
    return [answer, strength]


print(json.dumps([solve(each) for each in json.load(sys.stdin)]))
