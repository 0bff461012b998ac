# Builds, and keeps what runs apart from what is being built, so that a test run never disturbs a running server.

sources_print() { # a fingerprint of everything the application is made of
  (cd "$root" && find pom.xml core exchange cli web server -type f \
    -not -path '*/target/*' -not -path '*/node_modules/*' -not -path 'web/dist/*' -not -path '*/src/test/*' -not -name schema.d.ts -print0 \
    | sort -z | xargs -0 sha1sum | sha1sum | cut -c1-40)
}

maven() { (cd "$root" && MAVEN_OPTS="${MAVEN_OPTS:-} ${quiet_java[*]}" mvn -B -q "$@"); }

web_print() { sha1sum "$root/web/package-lock.json" | cut -c1-40; }

web_is_installed() { [ "$(cat "$root/web/node_modules/.civitane-lock" 2>/dev/null)" = "$(web_print)" ]; }

web_install() { # only when the lock file changed; not "npm ci", which insists on the binaries of every platform
  if ! web_is_installed; then
    (cd "$root/web" && npm install --no-save --no-fund --no-audit --loglevel=error) || return 1
    web_print >"$root/web/node_modules/.civitane-lock"
  fi
}

build_app() {
  local print
  print=$(sources_print)
  if [ "$(cat "$app/print" 2>/dev/null)" = "$print" ]; then need_java; return; fi
  need_build_tools
  say "Building …"
  mkdir -p "$state"
  { web_install && maven package -T2 -DskipTests -pl server,cli -am; } >"$state/build.log" 2>&1 \
    || { tail -n 15 "$state/build.log" >&2; fail "The build failed: see $state/build.log"; }
  rm -rf "$app.new" "$state/cli.jsa"
  mkdir -p "$app.new/cli"
  take_apart "$app.new/server" >>"$state/build.log" 2>&1 || fail "The build failed: see $state/build.log"
  cp "$root"/cli/target/civitane-cli-1.jar "$root"/cli/target/lib/*.jar "$app.new/cli/"
  printf '%s' "$print" >"$app.new/print"
  touch "$app.new/cli/built"
  rm -rf "$app"
  mv "$app.new" "$app"
}

# take_apart FOLDER: the built server there, since classes load quicker from plain jars than from jars within a jar, and
# only plain jars can be archived.
take_apart() {
  "$JAVA_HOME/bin/java" -Djarmode=tools -jar "$root/server/target/civitane-server-app.jar" extract --destination "$1"
}

# archive_flags FOLDER [NEW]: sets what makes the virtual machine keep in NEW what it learned of the classes in that
# folder (archive_made), and what makes it start with what lies there (archive_used: nothing where nothing does). Where
# that does not fit, it starts without.
archive_flags() {
  if [ "$(java_major "$JAVA_HOME")" -ge 25 ]; then
    archive=learned.aot archive_made=(-XX:AOTCacheOutput="${2:-$1}/learned.aot") archive_used=(-XX:AOTCache="$1/learned.aot")
  else
    archive=learned.jsa archive_made=(-XX:ArchiveClassesAtExit="${2:-$1}/learned.jsa") archive_used=(-XX:SharedArchiveFile="$1/learned.jsa")
  fi
  if [ ! -f "$1/$archive" ]; then archive_used=(); fi
}

build_command_line() {
  need_build_tools
  say "Building the command line …"
  mkdir -p "$state"
  maven package -DskipTests -pl cli -am >"$state/build.log" 2>&1 \
    || { tail -n 15 "$state/build.log" >&2; fail "The build failed: see $state/build.log"; }
  rm -rf "$app/cli.new" "$state/cli.jsa"
  mkdir -p "$app/cli.new"
  cp "$root"/cli/target/civitane-cli-1.jar "$root"/cli/target/lib/*.jar "$app/cli.new/"
  touch "$app/cli.new/built"
  rm -rf "$app/cli"
  mv "$app/cli.new" "$app/cli"
}

command_line() {
  if [ ! -f "$app/cli/built" ] || [ -n "$(find "$root"/core/src/main "$root"/exchange/src/main "$root"/cli/src/main -type f -newer "$app/cli/built" -print -quit)" ]; then
    build_command_line
  fi
  need_java
  exec "$JAVA_HOME/bin/java" -Xlog:disable -Xlog:all=off -XX:+UseSerialGC -Xmx512m -XX:+AutoCreateSharedArchive -XX:SharedArchiveFile="$state/cli.jsa" \
    "${quiet_java[@]}" -cp "$app/cli/*" org.civitane.cli.Main "$@"
}

format_code() {
  need_build_tools
  maven spotless:apply
  (cd "$root/web" && npm run --silent format)
}
