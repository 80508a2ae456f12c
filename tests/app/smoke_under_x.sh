#!/usr/bin/env bash
# Starts the window under a virtual X server, writes some of the main views, and looks that they are
# there. What waits for long analyses is left to ./rook shots.
# Usage: smoke_under_x.sh PROGRAM DEMO OUT
set -euo pipefail
program=$1 demo=$2 out=$3
rm -rf "$out"
QT_QPA_PLATFORM=xcb XDG_CONFIG_HOME="$out/config" xvfb-run -a -s "-screen 0 1400x900x24" "$program" \
    --shots "$out" --only sketch,shape,puzzle,skin,walk,kit "$demo"
count=$(find "$out" -name '*.png' -size +10k | wc -l)
echo "$count pictures"
[ "$count" -eq 13 ]
# The guide's game is made with the mouse; its pictures stand in the documents.
rm -rf "$out/guide"
QT_QPA_PLATFORM=xcb XDG_CONFIG_HOME="$out/config" XDG_DATA_HOME="$out/data" xvfb-run -a \
    -s "-screen 0 1400x900x24" "$program" --guide-shots "$out/guide"
# The window in another language, larger.
LC_ALL=de_DE.UTF-8 QT_SCALE_FACTOR=1.5 QT_QPA_PLATFORM=xcb XDG_CONFIG_HOME="$out/config" xvfb-run -a \
    -s "-screen 0 2000x1300x24" "$program" --shots "$out/german" --only cast "$demo"
cp "$out/german/cast-day.png" "$out/guide/german.png"
cp "$out/kit-depth-day.png" "$out/guide/kit-depth.png"
cp "$out/kit-models-day.png" "$out/guide/kit-models.png"
for picture in "$(dirname "$0")"/../../docs/guide/pictures/*.png; do
    [ -s "$out/guide/$(basename "$picture")" ] || { echo "$(basename "$picture") is not made any more"; exit 1; }
done
