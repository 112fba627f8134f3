"""Fits what PosteriorTest sends with SciPy: the general-purpose reference for what a pot and a taster are thought to be.

Each problem is a list of residuals, every one already divided by its standard deviation; SciPy minimises the sum of
their squares (least_squares) and the covariance is the inverse of what its Jacobian squares to.
"""
import json
import sys

import numpy
from scipy.optimize import least_squares, minimize
from scipy.stats import norm


def pot(problem):
    """Unknown: g at the boil, g a minute, the minute it boils. Prints minutes to the stop and their half-width in ln."""
    prior = numpy.array(problem["prior"], float)
    deviations = numpy.array(problem["deviations"], float)

    def residuals(x):
        mass, rate, boils = x
        seen = [(mass - rate * max(0.0, t - boils) - g) / s for t, g, s in problem["weighings"]]
        return numpy.concatenate([(x - prior) / deviations, seen])

    fit = least_squares(residuals, prior, method="lm", xtol=1e-12, ftol=1e-12)
    covariance = numpy.linalg.inv(fit.jac.T @ fit.jac)
    mass, rate, boils = fit.x
    ends = boils + (mass - problem["stop"]) / rate
    slope = numpy.array([1 / rate, -(mass - problem["stop"]) / rate ** 2, 1.0])
    return [ends - problem["now"], 1.2816 * float(numpy.sqrt(slope @ covariance @ slope)), rate]


def taster(problem):
    """Unknown: the ideal in steps. Prints its mode and its standard deviations."""
    count = len(problem["tastings"][0]["at"])

    def residuals(x):
        out = list(x / 1.5)
        for each in problem["tastings"]:
            at = numpy.array(each["at"], float)
            spoken = [j for j, felt in enumerate(each["feels"]) if felt is not None]
            for j in spoken:
                out.append(x[j] - (at[j] - each["feels"][j]))
            if each["liking"] is not None:
                out.append((each["liking"] - (8.0 - 0.35 * float(numpy.sum((at - x)[spoken] ** 2)))) / 1.2)
        return numpy.array(out)

    fit = least_squares(residuals, numpy.zeros(count), method="lm", xtol=1e-12, ftol=1e-12)
    covariance = numpy.linalg.inv(fit.jac.T @ fit.jac)
    return [fit.x.tolist(), numpy.sqrt(numpy.diag(covariance)).tolist()]


def chooser(problem):
    """Unknown: the ideal in steps of one taste, from pairs of cups. Prints its mode and its standard deviation."""

    def lost(x):
        m = x[0]
        value = 0.5 * (m / 1.5) ** 2
        for at, moved, better in problem["pairs"]:
            # how much more the moved cup would be liked, in standard deviations
            z = 0.35 * ((m - at) ** 2 - (m - at - moved) ** 2) / 0.8
            if better is None:
                value -= 0.5 * (norm.logcdf(z) + norm.logcdf(-z))
            else:
                value -= norm.logcdf(z if better else -z)
        return float(value)

    fit = minimize(lost, [0.0], method="Nelder-Mead", options={"xatol": 1e-8, "fatol": 1e-12})
    h = 1e-3
    curve = (lost([fit.x[0] + h]) - 2 * lost(fit.x) + lost([fit.x[0] - h])) / h ** 2
    return [float(fit.x[0]), curve ** -0.5]


asked = json.load(sys.stdin)
json.dump({"pots": [pot(p) for p in asked["pots"]], "tasters": [taster(p) for p in asked["tasters"]],
           "choosers": [chooser(p) for p in asked["choosers"]]}, sys.stdout)
