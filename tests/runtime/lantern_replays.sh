#!/bin/sh
# Exports the demo and replays every level's proof in lantern; a level without one must fail.
# Usage: lantern_replays.sh ROOKPLOT LANTERN DEMO
set -eu
folder=$(mktemp -d)
trap 'rm -rf "$folder"' EXIT
"$1" export "$3" --to "$folder/bundle" > /dev/null
for level in intake wheel-hall grain-loft keepers-quay leaky-reach; do
    if [ "$level" != leaky-reach ]; then
        "$2" "$folder/bundle" --replay "$level"
    elif "$2" "$folder/bundle" --replay "$level"; then
        echo "a level that nobody gets out of must not pass" >&2
        exit 1
    fi
    "$2" "$folder/bundle" --level "$level" --frames 40 --overlay --png "$folder/$level.png"
    test -s "$folder/$level.png"
done
for level in sluice-table weir-gates spring-flood ice-on-the-weir cask-yard; do
    "$2" "$folder/bundle" --replay "$level"
    "$2" "$folder/bundle" --level "$level" --frames 40 --png "$folder/$level.png"
    test -s "$folder/$level.png"
done
# The runs that prove the whole game, from its start to its end.
"$2" "$folder/bundle" --replay-game
sed 's/"exit":"gate-1"/"exit":"gate-9"/; s/"exit": "gate-1"/"exit": "gate-9"/' \
    "$folder/bundle/campaign.json" > "$folder/other.json"
cp "$folder/other.json" "$folder/bundle/campaign.json"
if "$2" "$folder/bundle" --replay-game; then
    echo "a run that wins by another exit must not pass" >&2
    exit 1
fi
# Without its inputs the run misses the exit.
sed -i 's/"inputs": \[\[.*\]\], "inputColumns"/"inputs": [[9, 0, 0, 0]], "inputColumns"/' \
    "$folder/bundle/levels/intake.level.json"
if "$2" "$folder/bundle" --replay intake; then
    echo "a run that waits must not pass" >&2
    exit 1
fi
