# Measures the server over 200,000 claims, on clusters of their own that are removed afterwards.
bench_pids=() bench_homes=()

bench_end() {
  local at
  for at in "${bench_pids[@]}"; do kill "$at" 2>/dev/null || true; done
  for at in "${bench_homes[@]}"; do cluster_remove "$at/pg"; rm -rf "$at"; done
}

# bench_start HEAP [CHECKOUT]: a server with the demo data, of this build or another checkout's, on a cluster of its own;
# sets port.
bench_start() {
  local home=$state/bench-$$-${#bench_pids[@]} from=${2:-$root} pid
  build_app_of "$from"
  bench_homes+=("$home")
  trap bench_end EXIT
  cluster_start "$home/pg" 54620
  database_create civitane
  port=$(free_port $((8520 + ${#bench_pids[@]})))
  CIVITANE_DATABASE_URL="jdbc:postgresql://127.0.0.1:$db_port/civitane" CIVITANE_DATABASE_PASSWORD="$db_app_password" \
    CIVITANE_DATABASE_OWNER_PASSWORD="$db_password" CIVITANE_STORE="$home/papers" SPRING_PROFILES_ACTIVE=demo CIVITANE_STANDINS_PORT="$(free_port 8620)" \
    CIVITANE_REGISTER_KEY=bench CIVITANE_SIGNING_SECRET=bench SERVER_PORT="$port" "$JAVA_HOME/bin/java" -Xmx"$1" "${quiet_java[@]}" -jar "$from/.civitane/app/server/civitane-server-app.jar" >"$state/bench.log" 2>&1 &
  pid=$!
  bench_pids+=("$pid")
  await_server "$port" "$pid" || fail "The server to be measured did not start: see $state/bench.log"
}

# As that checkout builds itself: its own scripts, its own folders.
build_app_of() { # CHECKOUT
  if [ "$1" = "$root" ]; then build_app; return; fi
  (root=$1 state=$1/.civitane app=$1/.civitane/app && . "$root/scripts/tools.sh" && . "$root/scripts/build.sh" && build_app) || fail "$1 cannot be built."
}

# bench_fill [CHECKOUT]: sets large to the id of the largest claim; ends when all papers of the demo have been read, so
# that what is measured is not that.
bench_fill() {
  say "Filling the store …"
  local sql=(env PGPASSWORD="$db_password" "$pg_bin/psql" -h 127.0.0.1 -p "$db_port" -U civitane -d civitane)
  "${sql[@]}" -q -v ON_ERROR_STOP=1 -f "${1:-$root}/bench/claims.sql"
  "${sql[@]}" -q -c 'vacuum analyze'
  large=$("${sql[@]}" -Atc "select id from claim where household_name = 'Ninefold'")
  until [ "$("${sql[@]}" -Atc "select count(*) from paper_reading where state = 'WAITING'")" = 0 ]; do sleep 1; done
}

# With another checkout the two builds take turns, so that a day on which the machine is slow is slow for both.
bench_server() { # [CHECKOUT]
  local to_ask=() other=${1:+$(cd "$1" && pwd)}
  bench_start 1g
  bench_fill
  to_ask+=("http://127.0.0.1:$port" "$large")
  if [ "$other" ]; then
    bench_start 1g "$other"
    bench_fill "$other"
    to_ask+=("http://127.0.0.1:$port" "$large")
    say "1 is this build, 2 is $other."
  fi
  "$JAVA_HOME/bin/java" "$root/bench/Load.java" "${to_ask[@]}"
  "$JAVA_HOME/bin/java" "$root/bench/Burst.java" "${to_ask[0]}" "${to_ask[2]:-}"
}

# What a person waits for: the desk in a browser, and settling by keyboard.
bench_browser() {
  need_chromium
  export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
  maven install -DskipTests -pl browser-tests -am
  maven dependency:build-classpath -pl browser-tests -Dmdep.outputFile="$state/browser-classpath"
  bench_start 1g
  bench_fill
  "$JAVA_HOME/bin/java" -cp "$(cat "$state/browser-classpath")" "$root/bench/Keyboard.java" "http://127.0.0.1:$port" "$large"
  "$JAVA_HOME/bin/java" -cp "$(cat "$state/browser-classpath")" "$root/bench/SlowPhone.java" "http://127.0.0.1:$port" "$large"
  "$JAVA_HOME/bin/java" -cp "$(cat "$state/browser-classpath")" "$root/bench/Strokes.java" "http://127.0.0.1:$port"
}

# Twenty uploads of 5 MB at once against a server that has 256 MB of heap for everything.
bench_uploads() {
  bench_start 256m
  "$JAVA_HOME/bin/java" "$root/bench/Uploads.java" "http://127.0.0.1:$port"
}
