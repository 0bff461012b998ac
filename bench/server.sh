# Measures the server over 200,000 claims, on a cluster of its own that is removed afterwards.
bench_start() { # HEAP: a server with the demo data on a cluster of its own
  build_app
  local home=$state/bench-$$
  trap 'kill "${server_pid:-0}" 2>/dev/null; cluster_remove "'"$home"'/pg"; rm -rf "'"$home"'"' EXIT
  cluster_start "$home/pg" 54620
  database_create civitane
  port=$(free_port 8520)
  CIVITANE_DATABASE_URL="jdbc:postgresql://127.0.0.1:$db_port/civitane" CIVITANE_DATABASE_PASSWORD="$db_app_password" \
    CIVITANE_DATABASE_OWNER_PASSWORD="$db_password" CIVITANE_STORE="$home/papers" SPRING_PROFILES_ACTIVE=demo CIVITANE_STANDINS_PORT="$(free_port 8620)" \
    CIVITANE_REGISTER_KEY=bench CIVITANE_SIGNING_SECRET=bench SERVER_PORT="$port" "$JAVA_HOME/bin/java" -Xmx"${1:-1g}" "${quiet_java[@]}" -jar "$app/server/civitane-server-app.jar" >"$state/bench.log" 2>&1 &
  server_pid=$!
  until curl -fs "http://127.0.0.1:$port/api/health" >/dev/null 2>&1; do sleep 0.5; done
}

bench_fill() { # sets large to the id of the largest claim
  say "Filling the store …"
  local sql=(env PGPASSWORD="$db_password" "$pg_bin/psql" -h 127.0.0.1 -p "$db_port" -U civitane -d civitane)
  "${sql[@]}" -q -v ON_ERROR_STOP=1 -f "$root/bench/claims.sql"
  large=$("${sql[@]}" -Atc "select id from claim where household_name = 'Ninefold'")
}

bench_server() {
  bench_start 1g
  bench_fill
  "$JAVA_HOME/bin/java" "$root/bench/Load.java" "http://127.0.0.1:$port" "$large"
  "$JAVA_HOME/bin/java" "$root/bench/Burst.java" "http://127.0.0.1:$port"
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
  "$JAVA_HOME/bin/java" -cp "$(cat "$state/browser-classpath")" "$root/bench/FirstPage.java" "http://127.0.0.1:$port"
  "$JAVA_HOME/bin/java" -cp "$(cat "$state/browser-classpath")" "$root/bench/Strokes.java" "http://127.0.0.1:$port"
}

# Twenty uploads of 5 MB at once against a server that has 256 MB of heap for everything.
bench_uploads() {
  bench_start 256m
  "$JAVA_HOME/bin/java" "$root/bench/Uploads.java" "http://127.0.0.1:$port"
}
