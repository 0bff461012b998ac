# Measures the server over 200,000 claims, on a cluster of its own that is removed afterwards.
bench_start() { # HEAP: a server with the demo data on a cluster of its own
  build_app
  local home=$state/bench-$$
  trap 'kill "${server_pid:-0}" 2>/dev/null; cluster_remove "'"$home"'/pg"; rm -rf "'"$home"'"' EXIT
  cluster_start "$home/pg" 54620
  database_create civitane
  port=$(free_port 8520)
  CIVITANE_DATABASE_URL="jdbc:postgresql://127.0.0.1:$db_port/civitane" CIVITANE_DATABASE_PASSWORD="$db_password" CIVITANE_STORE="$home/papers" \
    CIVITANE_REGISTER_KEY=bench SERVER_PORT="$port" "$JAVA_HOME/bin/java" -Xmx"${1:-1g}" "${quiet_java[@]}" -jar "$app/server/civitane-server-app.jar" >"$state/bench.log" 2>&1 &
  server_pid=$!
  until curl -fs "http://127.0.0.1:$port/api/health" >/dev/null 2>&1; do sleep 0.5; done
}

bench_server() {
  bench_start 1g
  say "Filling the store …"
  PGPASSWORD=$db_password "$pg_bin/psql" -h 127.0.0.1 -p "$db_port" -U civitane -d civitane -q -v ON_ERROR_STOP=1 -f "$root/bench/claims.sql"
  local large
  large=$(PGPASSWORD=$db_password "$pg_bin/psql" -h 127.0.0.1 -p "$db_port" -U civitane -d civitane -Atc "select id from claim where household_name = 'Ninefold'")
  "$JAVA_HOME/bin/java" "$root/bench/Load.java" "http://127.0.0.1:$port" "$large"
}

# Twenty uploads of 5 MB at once against a server that has 256 MB of heap for everything.
bench_uploads() {
  bench_start 256m
  "$JAVA_HOME/bin/java" "$root/bench/Uploads.java" "http://127.0.0.1:$port"
}
