#!/usr/bin/env python3
"""Lists every package that ships with the application, or builds and tests it, with its licence: docs/licences.md.

    scripts/licences.py            writes the list
    scripts/licences.py --check    fails where the list is not that of the lock files
"""
import json
import pathlib
import re
import sys

root = pathlib.Path(__file__).resolve().parent.parent
cache = pathlib.Path.home() / ".nuget" / "packages"


def nuget():
    """Name, version and licence of each C# package of the lock files; whether it ships."""
    found = {}
    for lock in sorted(root.glob("*/*/packages.lock.json")):
        ships = lock.parent.parent.name == "src"
        for packages in json.loads(lock.read_text())["dependencies"].values():
            for name, entry in packages.items():
                if entry["type"] == "Project":
                    continue
                key = (name, entry["resolved"])
                found[key] = found.get(key, False) or ships
    for (name, version), ships in found.items():
        spec = cache / name.lower() / version.lower() / f"{name.lower()}.nuspec"
        words = spec.read_text(encoding="utf-8-sig", errors="replace") if spec.exists() else ""
        licence = re.search(r'<license type="expression">([^<]+)<', words)
        file = re.search(r'<license type="file">([^<]+)<', words)
        yield name, version, licence.group(1) if licence else f"in its file {file.group(1)}" if file else "see the package", ships


def npm():
    """The same of the client’s packages."""
    lock = json.loads((root / "src/client/package-lock.json").read_text())
    for path, entry in lock["packages"].items():
        if path and not entry.get("optional"):
            yield path.split("node_modules/")[-1], entry["version"], entry.get("license", "see the package"), not entry.get("dev", False)


def table(rows):
    lines = ["| package | version | licence |", "|---|---|---|"]
    return lines + [f"| {n} | {v} | {l} |" for n, v, l, _ in sorted(set(rows), key=lambda r: (r[0].lower(), r[1]))]


def text():
    cs, js = list(nuget()), list(npm())
    parts = [
        "# Licences",
        "",
        "Made by `scripts/licences.py` from the lock files; the licence is what each package says of itself.",
        "",
        "## Ships with the application: C#",
        *table(r for r in cs if r[3]),
        "",
        "## Ships with the application: client",
        *table(r for r in js if r[3]),
        "",
        "## Builds and tests it: C#",
        *table(r for r in cs if not r[3]),
        "",
        "## Builds and tests it: client",
        *table(r for r in js if not r[3]),
    ]
    return "\n".join(parts) + "\n"


def packages(words):
    """Names and versions: a machine that has not fetched a package cannot say its licence."""
    return [line.rsplit(" | ", 1)[0] for line in words.splitlines() if line.startswith("| ")]


target = root / "docs/licences.md"
if "--check" in sys.argv:
    sys.exit(0 if packages(target.read_text()) == packages(text()) else f"{target.name} is not current: run scripts/licences.py")
target.write_text(text())
