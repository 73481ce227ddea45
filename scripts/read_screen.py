"""The screen reader of check-screen-reader: starts PROGRAM with the demo in the folder DATA and reads its window."""
import os
import re
import subprocess
import sys
import time

import pyatspi

WANTED = {
    "the field, pass by pass": r"^pass \d+: ",
    "a gate with its limit": r"^Spread: [\d.]+ ms, at most [\d.]+ ms, ",
    "the verdict": r"^(Again at|Up to|Back to|Full speed:) [\d.]+\. \w",
    "the places": r"^Climb$",
}


def window_of_program(wait_s=60):
    for _ in range(wait_s * 2):
        time.sleep(0.5)
        for application in pyatspi.Registry.getDesktop(0):
            if application and "upbeat" in (application.name or "").lower() and application.childCount:
                return application
    sys.exit("the program is not on the accessibility bus")


def shown_below(thing, depth=0):
    """Everything a reader can get to, children of what is hidden left out."""
    if thing is None or depth > 20:
        return
    if depth > 0 and not thing.getState().contains(pyatspi.STATE_SHOWING):
        return
    yield thing
    for index in range(thing.childCount):
        yield from shown_below(thing[index], depth + 1)


def main():
    program, data = sys.argv[1:3]
    environment = dict(os.environ, QT_QPA_PLATFORM="xcb", QT_LINUX_ACCESSIBILITY_ALWAYS_ON="1")
    process = subprocess.Popen([program, "--demo", "--data", data], env=environment)
    try:
        window = window_of_program()
        for _ in range(60):  # the demo is made beside the window
            things = list(shown_below(window))
            names = [thing.name or "" for thing in things]
            missing = [what for what, sign in WANTED.items() if not any(re.search(sign, name) for name in names)]
            if not missing:
                break
            time.sleep(1)
        nameless = [thing.getRoleName() for thing in things
                    if thing.getState().contains(pyatspi.STATE_FOCUSABLE) and not thing.name]
    finally:
        process.terminate()
        process.wait(20)
    print(f"{len(things)} things can be read; without a name and taking keys: {len(nameless)} {nameless or ''}")
    for what in missing:
        print("not found:", what)
    sys.exit(1 if missing or nameless else 0)


main()
