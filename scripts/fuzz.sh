#!/bin/sh
# Fuzzes the readers of exercises, and those of what other people send. Usage: scripts/fuzz.sh [EXECUTIONS]; 10 million
# of each by default. Needs clang-16.
set -eu
cd "$(dirname "$0")/.."
. scripts/setup.sh
upbeat_install $UPBEAT_BUILD_PACKAGES clang-16 libclang-rt-16-dev
cmake --preset fuzz >/dev/null
cmake --build --preset fuzz --target fuzz_pattern fuzz_letters
mkdir -p build/fuzz/found build/fuzz/found-letters
build/fuzz/bin/fuzz_letters -runs="${1:-10000000}" -max_len=4096 -timeout=10 -rss_limit_mb=2048 -print_final_stats=1 \
    build/fuzz/found-letters tests/fuzz/letters
build/fuzz/bin/fuzz_pattern -runs="${1:-10000000}" -max_len=4096 -timeout=10 -rss_limit_mb=2048 -print_final_stats=1 \
    -dict=tests/fuzz/pattern.dict build/fuzz/found tests/fuzz/corpus
