#!/bin/sh
# Fuzzes the readers of exercises, of what other people send, of backups and settings.
# Usage: scripts/fuzz.sh [EXECUTIONS]; 10 million of each by default. Needs clang-16.
set -eu
cd "$(dirname "$0")/.."
. scripts/setup.sh
upbeat_install $UPBEAT_BUILD_PACKAGES clang-16 libclang-rt-16-dev
cmake --preset fuzz >/dev/null
cmake --build --preset fuzz --target fuzz_pattern fuzz_letters fuzz_backup fuzz_settings
fuzz() { # NAME SEEDS [OPTION]: what is found new stays in build/fuzz/found-NAME
    name=$1 seeds=$2
    shift 2
    mkdir -p "build/fuzz/found-$name"
    "build/fuzz/bin/fuzz_$name" -runs="$runs" -max_len=4096 -timeout=60 -rss_limit_mb=2048 -print_final_stats=1 -artifact_prefix=build/fuzz/ "$@" \
        "build/fuzz/found-$name" "tests/fuzz/$seeds"
}
runs=${1:-10000000}
fuzz letters letters
fuzz backup backups
fuzz settings settings
fuzz pattern corpus -dict=tests/fuzz/pattern.dict
