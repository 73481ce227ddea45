#!/bin/sh
# Checks our MusicXML against Debian's LilyPond: it reads every built-in exercise, engraves it and plays it as MIDI; the
# places of the notes must be ours. Not part of ./test: LilyPond is large. Usage: scripts/check-musicxml.sh [FOLDER]
set -eu
cd "$(dirname "$0")/.."
cli="$PWD/build/release/bin/upbeat-check-cli"
folder="${1:-$(mktemp -d)}"
command -v lilypond >/dev/null || { echo "Install the package lilypond first." >&2; exit 1; }
mkdir -p "$folder"
cd "$folder"
good=0
bad=0
places() {
    rm -f places.json
    "$cli" convert "$1" places.json 2>/dev/null || return 0
    sed -n 's/.*"at": "\([^"]*\)".*/\1/p' places.json | sort -u
}
for id in $("$cli" list | cut -f1); do
    "$cli" convert "$id" "$id.musicxml" 2>/dev/null
    "$cli" convert "$id" "$id.json" 2>/dev/null
    # Grace notes have no place of their own, and swing is a matter of the player: both are taken out.
    sed -e '/"ornament"/d' -e 's/"swing": "[a-z]*"/"swing": "none"/' "$id.json" >"$id-plain.json"
    "$cli" convert "$id-plain.json" "$id-plain.musicxml" 2>/dev/null
    # A drum staff plays only drums known by name; as a plain staff every note sounds. Nor
    # does its MIDI take a tempo with a fraction.
    if musicxml2ly -m "$id-plain.musicxml" -o "$id.ly" >"$id.log" 2>&1 && sed -i 's/DrumStaff/Staff/g; s/DrumVoice/Voice/g; s/tempo 4 = [0-9.]*/tempo 4 = 60/' "$id.ly" &&
        lilypond -s -o "$id" "$id.ly" >>"$id.log" 2>&1; then
        places "$id-plain.json" >ours
        places "$id.midi" >theirs
        if cmp -s ours theirs; then good=$((good + 1)); else bad=$((bad + 1)); echo "$id: places differ"; fi
    else
        bad=$((bad + 1))
        echo "$id: not read, see $folder/$id.log"
    fi
done
echo "$good of $((good + bad)) exercises are read and played as written."
[ "$bad" -eq 0 ]
