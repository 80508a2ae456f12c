#!/usr/bin/env bash
# Builds the Debian package into a folder, asks those who know what a package must be, installs it in a
# fresh root, and works with what is installed there. What is not on the machine is left out, with a word.
# Usage: package.sh BUILD OUT
set -euo pipefail
build=$(realpath "$1")
mkdir -p "$2"
out=$(realpath "$2")

stop() { printf 'package: %s\n' "$*" >&2; exit 1; }
# has PROGRAM: whether it is here; says so if not.
has() { command -v "$1" >/dev/null || { echo "left out: $1 is not here"; return 1; }; }

rm -rf "${out:?}"/*
log=$out/cpack.log
(cd "$out" && cpack --config "$build/CPackConfig.cmake" -G DEB) >"$log" 2>&1 || { tail -n 20 "$log" >&2; stop "cpack failed"; }
rm -rf "$out/_CPack_Packages"
deb=$(echo "$out"/rookplot_*.deb)
[ -f "$deb" ] || stop "there is no package in $out"
dpkg-deb --contents "$deb" >"$out/contents.txt"
for wanted in bin/rookplot bin/rookplot-desk bin/rookplot-recipe bin/lantern \
    share/applications/org.rookplot.RookPlot.desktop share/metainfo/org.rookplot.RookPlot.metainfo.xml \
    share/icons/hicolor/scalable/apps/rookplot.svg share/icons/hicolor/48x48/apps/rookplot.png \
    share/mime/packages/rookplot.xml share/man/man1/rookplot-export.1.gz share/man/man1/lantern.1.gz \
    share/bash-completion/completions/rookplot share/doc/rookplot/copyright share/doc/rookplot/docs/cast.md \
    share/rookplot/demo/lantern-weir/rookplot.json share/rookplot/js/rook.mjs include/rookplot/rook_runtime.hpp; do
    grep -q " \./usr/$wanted\$" "$out/contents.txt" || stop "usr/$wanted is not in the package"
done
! grep -q '\.rookplot/\|__pycache__\|/build/' "$out/contents.txt" || stop "leftovers are in the package"

# A fresh root, of which dpkg knows nothing yet.
root=$out/root
mkdir -p "$root/var/lib/dpkg/updates" "$root/var/lib/dpkg/info"
touch "$root/var/lib/dpkg/status"
dpkg --root="$root" --force-not-root --force-depends --force-bad-path --log=/dev/null --install "$deb" \
    >"$out/install.log" 2>&1 || { tail -n 10 "$out/install.log" >&2; stop "the package cannot be installed"; }
usr=$root/usr

if has desktop-file-validate; then desktop-file-validate "$usr"/share/applications/*.desktop; fi
if has appstreamcli; then
    appstreamcli validate --no-net "$usr"/share/metainfo/*.xml >"$out/appstream.txt" || { cat "$out/appstream.txt" >&2; stop "appstreamcli finds errors"; }
fi
if has xmllint; then xmllint --noout "$usr/share/mime/packages/rookplot.xml"; fi
for page in "$usr"/share/man/man1/*.gz; do
    if command -v man >/dev/null; then
        complaint=$(LC_ALL=C.UTF-8 MANROFFSEQ='' MANWIDTH=80 man --warnings -l "$page" 2>&1 >/dev/null)
        [ -z "$complaint" ] || stop "$page: $complaint"
    fi
done
if has lintian; then
    as_root=()
    [ "$(id -u)" -ne 0 ] || as_root=(--allow-root)
    lintian "${as_root[@]}" --fail-on error --tag-display-limit 0 "$deb" >"$out/lintian.txt" 2>&1 || { cat "$out/lintian.txt" >&2; stop "lintian finds errors"; }
fi

# The completion completes.
bash -c "source '$usr/share/bash-completion/completions/rookplot'
    COMP_WORDS=(rookplot exp); COMP_CWORD=1; _rookplot; [ \"\${COMPREPLY[*]}\" = export ]
    COMP_WORDS=(rookplot export --dry); COMP_CWORD=2; _rookplot; [ \"\${COMPREPLY[*]}\" = --dry-run ]" ||
    stop "the completion does not complete"

# All say their version, check the installed demo, and the window opens a copy of it.
for program in rookplot rookplot-desk rookplot-recipe lantern; do
    QT_QPA_PLATFORM=offscreen "$usr/bin/$program" --version | grep -q '[0-9]\.[0-9]' || stop "$program does not say its version"
done
demo=$usr/share/rookplot/demo/lantern-weir
chmod -R a-w "$demo"
before=$(find "$demo" -type f -exec sha256sum {} + | sort)
"$usr/bin/rookplot" check "$demo" --level intake --no-plan >"$out/check.txt" || stop "the installed demo has findings"
mkdir -p "$out/home/run"
chmod 700 "$out/home/run"
HOME=$out/home XDG_DATA_HOME=$out/home/data XDG_CONFIG_HOME=$out/home/config XDG_RUNTIME_DIR=$out/home/run \
    QT_QPA_PLATFORM=offscreen "$usr/bin/rookplot-desk" --shots "$out/shots" --only shape "$demo" 2>"$out/desk.log" ||
    { cat "$out/desk.log" >&2; stop "the window does not open the installed demo"; }
copy=$(find "$out/home/data" -path '*demo/lantern-weir/rookplot.json')
[ -w "$copy" ] || stop "the demo was not copied"
[ "$before" = "$(find "$demo" -type f -exec sha256sum {} + | sort)" ] || stop "the installed demo was changed"
chmod -R u+w "$demo"
rm -rf "$root" "$out/home" "$out/shots"
echo "$(basename "$deb"): $(wc -l <"$out/contents.txt") files and folders, $(du -h "$deb" | cut -f1)"
