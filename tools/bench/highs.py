"""Solves the same colours by HiGHS, for comparison only: prints how many a second, or nothing where SciPy is not there."""
import json
import sys
import time

try:
    from scipy.optimize import linprog
except ImportError:
    sys.exit(0)

asked = json.load(sys.stdin)
start = time.perf_counter()
for x, y in asked["targets"]:
    rows = [
        [flux / ey * (ex - x) for _, ex, ey, flux in asked["emitters"]],
        [flux / ey * (ey - y) for _, ex, ey, flux in asked["emitters"]],
    ]
    linprog([-flux for _, _, _, flux in asked["emitters"]], A_eq=rows, b_eq=[0, 0], bounds=(0, 1), method="highs")
print(len(asked["targets"]) / (time.perf_counter() - start))
