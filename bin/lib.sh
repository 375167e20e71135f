#!/usr/bin/env bash
# Shared by the commands in this folder: finds or installs what they need. Sourced, not run.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."

say() { printf '%s\n' "$*" >&2; }

version_at_least() { # version_at_least WANTED HAVE
  [ "$(printf '%s\n%s\n' "$1" "$2" | sort -V | head -n 1)" = "$1" ]
}

java_ok() { command -v javac >/dev/null && version_at_least 17 "$(javac -version 2>&1 | sed 's/javac //')"; }
maven_ok() { command -v mvn >/dev/null; }
node_ok() { command -v node >/dev/null && version_at_least 20.19 "$(node --version | sed 's/^v//')"; }
npm_ok() { command -v npm >/dev/null && version_at_least 11 "$(npm --version)"; }
chromium_ok() { [ -x /usr/bin/chromium ]; }
fonts_ok() { [ -d /usr/share/fonts/truetype/liberation ] || fc-list 2>/dev/null | grep -qi liberation; }

# apt_install PACKAGE...: where apt may be used, quietly; whether it helped is for the caller to check.
apt_install() {
  if command -v apt-get >/dev/null && { [ "$(id -u)" = 0 ] || sudo -n true 2>/dev/null; }; then
    local as=()
    [ "$(id -u)" = 0 ] || as=(sudo)
    if [ -z "${APT_UPDATED:-}" ]; then
      "${as[@]}" apt-get update -qq || true
      APT_UPDATED=1
    fi
    "${as[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >/dev/null || true
  fi
}

missing() { # missing NAME PACKAGE...
  local name=$1
  shift
  say "Missing: $name. Install it (on a current Debian or Ubuntu: apt-get install $*) and run this again."
  exit 1
}

# need NAME CHECK PACKAGE...: installs the packages if the check fails and apt may be used, else says what is missing.
need() {
  local name=$1 check=$2
  shift 2
  if "$check"; then return; fi
  say "Installing $name"
  apt_install "$@"
  "$check" || missing "$name" "$@"
}

# Debian's own Node may be too old; npm's registry carries the program itself as a package, which is then kept in .tools.
NODE_VERSION=20.20.2
NPM_VERSION=11

node_machine() {
  case "$(uname -m)" in
    aarch64 | arm64) echo linux-arm64 ;;
    *) echo linux-x64 ;;
  esac
}

use_own_node() {
  local own="$PWD/.tools/node_modules"
  if [ -x "$own/node-$(node_machine)/bin/node" ]; then
    PATH="$own/node-$(node_machine)/bin:$own/.bin:$PATH"
    export PATH
  fi
}

need_node() {
  if node_ok && npm_ok; then return; fi
  use_own_node
  if node_ok && npm_ok; then return; fi
  say "Installing Node and npm"
  command -v npm >/dev/null || apt_install nodejs npm
  if command -v npm >/dev/null && ! { node_ok && npm_ok; }; then
    mkdir -p .tools
    npm install --silent --no-save --no-audit --no-fund --prefix "$PWD/.tools" \
      "node-$(node_machine)@$NODE_VERSION" "npm@$NPM_VERSION" >/dev/null 2>&1 || true
    use_own_node
  fi
  { node_ok && npm_ok; } || missing "Node 20.19 or later with npm 11 or later" nodejs npm
}

need_build_tools() {
  need "Java 17 or later (a JDK)" java_ok openjdk-17-jdk-headless
  need "Maven" maven_ok maven
  need_node
}

need_browser() {
  need "Chromium" chromium_ok chromium
  need "fonts for the browser" fonts_ok fonts-liberation fonts-noto-core
}

# Everything the jar is made of, so that a second run need not build again.
sources_stamp() {
  { find pom.xml core server web -type f \( -path '*/target' -o -path '*/node_modules' \) -prune -o -type f -print 2>/dev/null |
    grep -v -e '/target/' -e '/node_modules/' -e 'schema.d.ts' | LC_ALL=C sort | xargs sha256sum; } | sha256sum | cut -d' ' -f1
}
