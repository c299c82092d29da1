"""What is left of a dialect that nobody outside speaks: every string a person reads, in the sources and in the data, is held
against the patterns below. Prints each find with its place; the number at the end has to be 0.

Usage: python3 wording.py ROOT
"""
import json
import pathlib
import re
import sys

# Strings in code: what goes through translation, captions, and what a reader of documents refuses. Adjacent literals are one string.
CALL = re.compile(r'(?:(?:\btr|\blabel|\bbutton|FUSAIN_TEXT|QT_TR_NOOP)\(\s*|\bcreate\(\s*501,\s*)((?:"(?:[^"\\]|\\.)*"\s*)+)')
LITERAL = re.compile(r'"((?:[^"\\]|\\.)*)"')
# Keys of documents that nobody reads as words.
NO_WORDS = {"id", "citation", "source", "formula", "font", "recipe", "unit"}

PATTERNS = {
    "a value lies, stands or holds": r"\blies\b|\blie (between|within|outside|above|below)\b|\bstands in\b"
                                     r"|\b(book|record|table|result|test|interval) holds\b",
    "go on, go past": r"\b([Gg]o|[Gg]oes|[Gg]one|[Gg]oing|[Ww]ent) (on|past)\b(?! the record)",
    "keep for save": r"^Keep (it|this|the (check|plan|answer|reading|calibration|result|reason))\b(?! as)",
    "all the same, in spite": r"\ball the same\b|\bin spite\b",
    "tell apart": r"\btells?\b[^.]*\bapart\b",
    "from … on, against then": r"\bfrom \S+ on\b|\b(against|than|since) then\b",
    "lean as a noun": r"\bkg lean\b(?! (mass|soft))|\blean of (the )?(arms|legs|limbs|missing)\b|\bmuscle-led\b",
    "a thing says, wants, wins, bears": r"\b(scale|page|table|equations?|manual|machine|chamber|analyzer|tank) "
                                        r"(says?|wants?|wins?|bears?)\b",
    "a pronoun on a button": r"^(Cancel|Keep|Make|Take|Use|Do|Save) it\b(?! as)|\bwith these$",
    "a fixed plural": r"%1 (tests|people|results|answers|weeks|days|files|questions|checks|trials|scans|visits|clients|rows|"
                      r"entries|minutes|persons|cases)\b(?! ago)",
    "a term of our own": r"two percentages divided|\bspends a day\b|\bput right\b|\b[Mm]ade-up\b|\b[Ss]et(ting)? (a \w+ )?aside\b|\b[Pp]ut it aside\b|\b[Tt]ake over\b|\b[Bb]ring in\b",
    "a disclaimer as a refrain": r"\bthis program\b|\bengineering choices?\b|\bto be confirmed against\b",
    "cannot be right": r"\bcannot be right\b",
    "colons in a chain": r"(?<!\d): [^.?!…]*(?<!\d)(: |; )",
    "of-chains": r"\bof (the |an? )?[\w-]+ of (the |an? )?[\w-]+ of\b",
}


def in_code(root):
    for path in sorted(root.glob("src/**/*.[ch]pp")):
        text = path.read_text(encoding="utf-8")
        for found in CALL.finditer(text):
            line = text.count("\n", 0, found.start()) + 1
            yield f"{path.relative_to(root)}:{line}", "".join(LITERAL.findall(found.group(1)))


def in_document(value, place):
    if isinstance(value, dict):
        for key, inner in value.items():
            if key not in NO_WORDS:
                yield from in_document(inner, f"{place}/{key}")
    elif isinstance(value, list):
        for number, inner in enumerate(value):
            yield from in_document(inner, f"{place}/{number}")
    elif isinstance(value, str):
        yield place, value


def in_data(root):
    for path in sorted(root.glob("data/*/**/*.json")):
        yield from in_document(json.loads(path.read_text(encoding="utf-8")), str(path.relative_to(root)))


def main(root):
    strings = [*in_code(root), *in_data(root)]
    left = 0
    for name, pattern in PATTERNS.items():
        for place, text in strings:
            if re.search(pattern, text):
                left += 1
                print(f"{place}: {name}: {text}")
    print(f"{left} of {len(strings)} strings")
    return left == 0 and len(strings) > 4000


if __name__ == "__main__":
    sys.exit(0 if main(pathlib.Path(sys.argv[1])) else 1)
