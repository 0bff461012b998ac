# Finds what Civitane is built and run with, and installs what is missing where it may.

say() { printf '%s\n' "$*" >&2; }
fail() { say "civitane: $1"; exit "${2:-1}"; }

# install PACKAGE…: through apt when this user may, else says what to install.
install() {
  local may=()
  if [ "$(id -u)" != 0 ]; then
    command -v sudo >/dev/null && sudo -n true 2>/dev/null && may=(sudo -n) || fail "Please install: apt-get install $*"
  fi
  command -v apt-get >/dev/null || fail "Please install what Debian calls: $*"
  say "Installing $* …"
  mkdir -p "$state"
  if ! { "${may[@]}" apt-get update && "${may[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "$@"; } >"$state/install.log" 2>&1; then
    fail "apt-get could not install $*: see $state/install.log"
  fi
}

java_major() { sed -n 's/^JAVA_VERSION="\([0-9]*\).*/\1/p' "$1/release" 2>/dev/null; }

newest_jdk() {
  local home major best=20 found=
  for home in "${JAVA_HOME:-}" /usr/lib/jvm/* /opt/java/* /opt/jdk*; do
    [ -x "$home/bin/javac" ] || continue
    major=$(java_major "$home")
    if [ "${major:-0}" -gt "$best" ]; then best=$major found=$home; fi
  done
  [ -n "$found" ] && printf '%s' "$found"
}

need_java() {
  local found
  if ! found=$(newest_jdk); then
    if command -v apt-cache >/dev/null && apt-cache show openjdk-21-jdk-headless >/dev/null 2>&1; then
      install openjdk-21-jdk-headless
    fi
    found=$(newest_jdk) || fail "Please install a JDK of at least 21 (for example Temurin 25) under /usr/lib/jvm, or set JAVA_HOME."
  fi
  export JAVA_HOME=$found
  quiet_java=(--enable-native-access=ALL-UNNAMED)
  if [ "$(java_major "$JAVA_HOME")" -ge 23 ]; then quiet_java+=(--sun-misc-unsafe-memory-access=allow); fi
}

need_build_tools() {
  need_java
  local missing=()
  command -v mvn >/dev/null || missing+=(maven)
  command -v node >/dev/null || missing+=(nodejs)
  command -v npm >/dev/null || missing+=(npm)
  if [ ${#missing[@]} -gt 0 ]; then install "${missing[@]}"; fi
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' \
    || fail "Please install Node.js of at least 20.19; this is $(node --version)."
}

need_postgres() {
  pg_bin=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1 || true)
  if [ ! -x "${pg_bin:-}/initdb" ]; then
    install postgresql-15
    pg_bin=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1 || true)
  fi
  [ -x "${pg_bin:-}/initdb" ] || fail "PostgreSQL's programs are not under /usr/lib/postgresql: please install postgresql-15."
}

need_tesseract() { # reads papers that are pictures; without it they are only looked at
  command -v tesseract >/dev/null || install tesseract-ocr tesseract-ocr-eng fontconfig fonts-dejavu-core
  tesseract --list-langs 2>/dev/null | grep -x Latin >/dev/null || install tesseract-ocr-script-latn
}

need_chromium() {
  [ -x /usr/bin/chromium ] || install chromium
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() { # PORT: the first from it upward on which nobody listens
  local at=$1
  while port_taken "$at"; do at=$((at + 1)); done
  printf '%s' "$at"
}

secret() { # FILE: a generated secret, made once, readable by its owner alone
  if [ ! -s "$1" ]; then
    mkdir -p "$(dirname "$1")"
    (umask 077 && head -c 24 /dev/urandom | base64 | tr '+/' '-_' >"$1")
  fi
  cat "$1"
}
