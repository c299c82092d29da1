"""Numbers with a unit that are not of a type of their own: every `double` of a public header in core, record and procedure whose
remark names its unit. Prints each with its place; the number at the end has to be 0.

Usage: python3 plain_numbers.py ROOT
"""
import pathlib
import re
import sys

FLOORS = ("core", "record", "procedure")
UNIT = (r"(?<![\w/%.])(kg|L|mL|cm|mm|m|kg/m²|kg/L|g/cm²|mmHg|Pa|cmH2O|Ω|Hz|kHz|°C|°|s|min|minutes|seconds|hours|days|weeks|years|"
        r"kcal|kcal/d|kcal/kg a day|µSv|%|%fat|points|kg/s|kg a week|L/s|L/min|W/K|mg/L)(?![\w/·])")
MEMBER = re.compile(r"^\s*(?:static |inline |constexpr )*(?:std::optional<double>|double)\s+([^;()]*);\s*//[/<]*\s*(.*)$")
# What has no unit, or none of its own, though its remark names one.
NOT_OF_ITS_OWN = re.compile(r"relative|unit of the quantity|as `unit` says|in the unit|kg/kg|kg or|95 %, |one-sided 95 %|share|ratio|part of|"
                            r"of the reference people|% interval|%fat over|over %fat|right against left|over \|Z\||magnitudes at|^95 %$|variance of")
# Numerical fits: what goes through a matrix is numbers; who calls them gets quantities.
FITS = {"core/hydrostatic/swing_fit.hpp", "core/airdisplacement/window_fit.hpp", "core/airdisplacement/panting_fit.hpp"}
FACTORS = {("core/quality/control_chart.hpp", "ewmaLimit")}  # L is the name of the factor in the paper


def found(root):
    for floor in FLOORS:
        for path in sorted((root / "src" / floor).rglob("*.hpp")):
            name = path.relative_to(root / "src").as_posix()
            if name in FITS:
                continue
            for number, line in enumerate(path.read_text(encoding="utf-8").splitlines(), 1):
                member = MEMBER.match(line)
                if not member or NOT_OF_ITS_OWN.search(member.group(2)) or not re.search(UNIT, member.group(2)):
                    continue
                if (name, re.split(r"[\s={]", member.group(1))[0]) not in FACTORS:
                    yield f"src/{name}:{number}: {line.strip()}"


def main():
    plain = list(found(pathlib.Path(sys.argv[1])))
    for each in plain:
        print(each)
    print(len(plain))
    return 1 if plain else 0


if __name__ == "__main__":
    sys.exit(main())
