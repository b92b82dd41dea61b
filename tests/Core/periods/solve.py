"""Small periods solved exactly, to hold the planner against: writes exact.json beside this file.

Not needed to run the tests. Debian: apt-get install python3-scipy, then /usr/bin/python3 tests/Core/periods/solve.py
A time-indexed integer programme (A. Pritsker, L. Watters, P. Wolfe 1969) in steps of 15 s, solved by HiGHS, which scipy brings along.
"""

import json
import random
from pathlib import Path

import numpy as np
from scipy.optimize import Bounds, LinearConstraint, milp
from scipy.sparse import lil_matrix

STEP = 15
CASES = 30
DRY, WET = "fine-powder", "thin-liquid"


def made(seed):
    """A period by chance: two to four stations, two to four lines, a scale or two, a shared thing or two."""
    rng = random.Random(seed)
    stations = rng.choice([2, 3, 4])
    resources = {"scale": rng.choice([1, 1, 2])}
    for r in range(rng.randint(1, 2)):
        resources[f"shared-{r + 1}"] = rng.randint(1, max(1, stations - 1))
    lines = []
    for number in range(rng.randint(2, 5 - stations // 3)):
        lines.append({
            "id": f"line-{number + 1}",
            "family": rng.choice([DRY, DRY, WET]),
            "needs": [r for r in resources if r != "scale" and rng.random() < 0.45],
            "weigh_needs": ["scale"],
            "seconds_measure": STEP * rng.randint(2, 7),
            "seconds_weigh": STEP * rng.choice([2, 2, 3]),
        })
    return {"stations": stations, "hands": 2, "resources": resources, "lines": lines, "check": STEP * rng.choice([0, 2, 4])}


def optimum(case):
    """s until the last check has ended; no plan ends earlier."""
    tasks = []  # (station, line, kind, steps, needs)
    for s in range(case["stations"]):
        for i, line in enumerate(case["lines"]):
            tasks.append((s, i, "measure", line["seconds_measure"] // STEP, line["needs"]))
            tasks.append((s, i, "weigh", line["seconds_weigh"] // STEP, line["weigh_needs"]))
        if case["check"]:
            tasks.append((s, None, "check", case["check"] // STEP, ["teacher"]))
    counts = {**case["resources"], "teacher": 1}
    longest = max(sum(t[3] for t in tasks if t[0] == s) for s in range(case["stations"]))
    loads = [sum(t[3] for t in tasks if r in t[4]) for r in counts]
    horizon = longest + max(loads)
    width = len(tasks) * horizon + 1  # the last variable is the end
    at = lambda task, time: task * horizon + time
    rows, low, high = [], [], []

    def add(terms, least, most):
        rows.append(terms)
        low.append(least)
        high.append(most)

    for k, (_, _, _, steps, _) in enumerate(tasks):
        add({at(k, t): 1 for t in range(horizon - steps + 1)}, 1, 1)
        add({**{at(k, t): -(t + steps) for t in range(horizon - steps + 1)}, width - 1: 1}, 0, np.inf)
    starts = lambda k, factor: {at(k, t): factor * t for t in range(horizon - tasks[k][3] + 1)}
    find = {(s, i, kind): k for k, (s, i, kind, _, _) in enumerate(tasks)}
    for s in range(case["stations"]):
        for i, line in enumerate(case["lines"]):
            measure, weigh = find[s, i, "measure"], find[s, i, "weigh"]
            add({**starts(weigh, 1), **starts(measure, -1)}, tasks[measure][3], np.inf)
            if case["check"]:
                add({**starts(find[s, None, "check"], 1), **starts(weigh, -1)}, tasks[weigh][3], np.inf)
            for j, other in enumerate(case["lines"]):  # dry before wet, where they share a tool
                if line["family"] == WET and other["family"] == DRY and set(line["needs"]) & set(other["needs"]):
                    dry = find[s, j, "measure"]
                    add({**starts(measure, 1), **starts(dry, -1)}, tasks[dry][3], np.inf)
    for time in range(horizon):
        busy = lambda k: {at(k, t): 1 for t in range(max(0, time - tasks[k][3] + 1), min(time, horizon - tasks[k][3]) + 1)}
        for resource, count in counts.items():
            terms = {}
            for k, task in enumerate(tasks):
                if resource in task[4]:
                    terms.update(busy(k))
            if terms:
                add(terms, 0, count)
        for s in range(case["stations"]):
            terms = {}
            for k, task in enumerate(tasks):
                if task[0] == s and task[2] != "check":
                    terms.update(busy(k))
            add(terms, 0, case["hands"])
    matrix = lil_matrix((len(rows), width))
    for row, terms in enumerate(rows):
        for column, factor in terms.items():
            matrix[row, column] = factor
    upper = np.ones(width)
    upper[-1] = horizon
    cost = np.zeros(width)
    cost[-1] = 1
    whole = np.ones(width)
    found = milp(
        cost, constraints=LinearConstraint(matrix.tocsr(), low, high), integrality=whole, bounds=Bounds(np.zeros(width), upper),
        options={"time_limit": 240},
    )
    assert found.status == 0, found.message
    return STEP * round(found.fun)


if __name__ == "__main__":
    cases = []
    for seed in range(1, CASES + 1):
        case = made(seed)
        cases.append({**case, "optimum_s": optimum(case)})
        print(seed, case["stations"], len(case["lines"]), cases[-1]["optimum_s"], flush=True)
    Path(__file__).with_name("exact.json").write_text(json.dumps(cases, indent=1) + "\n")
