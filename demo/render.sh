#!/usr/bin/env bash
# Renders the demo photos from their scenes: demo/render.sh [NAME …]. Slow (a minute or two each); results are committed.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/scenes"
work=$(mktemp -d); trap 'rm -rf "$work"' EXIT
names=("$@"); [ ${#names[@]} -gt 0 ] || { names=(); for f in *.pov; do names+=("${f%.pov}"); done; }
for name in "${names[@]}"; do
  povray -D0 +I"$name.pov" +O"$work/$name.png" +W"${WIDTH:-1280}" +H"${HEIGHT:-960}" -A -GA +WT1 \
    >"$work/log" 2>&1 || { tail -20 "$work/log"; exit 1; }
  vips jpegsave "$work/$name.png" "../photos/$name.jpg" --Q "${QUALITY:-82}" --optimize-coding
  echo "$name $(stat -c %s "../photos/$name.jpg")"
done
