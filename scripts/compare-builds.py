#!/usr/bin/env python3
"""Compares what two builds say: analyze --json over labelled sets, and simulate of every built-in exercise.

    scripts/compare-builds.py OLD_CLI NEW_CLI [SET ...]

A SET holds one folder a take with take.flac, pattern.mid and truth.json. Prints what differs; exits 1 if anything does."""
import hashlib
import json
import pathlib
import subprocess
import sys
import tempfile


def analysis(cli, take):
    truth = json.loads((take / "truth.json").read_text())
    command = [cli, "analyze", "--take", take / "take.flac", "--pattern", take / "pattern.mid",
               "--tempo", str(truth["tempo_bpm"]), "--first-beat", str(truth["first_beat_s"]), "--json", "-"]
    done = subprocess.run(command, capture_output=True, check=False)
    return done.returncode, done.stdout


def simulation(cli, exercise):
    with tempfile.TemporaryDirectory() as folder:
        done = subprocess.run([cli, "simulate", "--exercise", exercise, "--tempo", "90", "--bars", "2", "--seed", "7",
                               "--out", folder], capture_output=True, check=False)
        files = sorted(pathlib.Path(folder).iterdir())
        return done.returncode, [(f.name, hashlib.sha256(f.read_bytes()).hexdigest()) for f in files]


def names(cli):
    listed = subprocess.run([cli, "list"], capture_output=True, text=True, check=True).stdout
    return [line.split("\t")[0] for line in listed.splitlines()]


def main():
    if len(sys.argv) < 3:
        sys.exit(__doc__)
    old, new, *sets = sys.argv[1:]
    different = []
    takes = [take for folder in sets for take in sorted(pathlib.Path(folder).iterdir()) if (take / "truth.json").exists()]
    for take in takes:
        if analysis(old, take) != analysis(new, take):
            different.append(f"analyze {take.parent.name}/{take.name}")
    exercises = names(old)
    if exercises != names(new):
        different.append("list")
    different += [f"simulate {name}" for name in exercises if simulation(old, name) != simulation(new, name)]
    print(f"{len(takes)} takes analysed, {len(exercises)} exercises simulated, {len(different)} differ")
    for line in different:
        print(f"- {line}")
    sys.exit(1 if different else 0)


main()
