# Measures the server over 200,000 claims, on a cluster of its own that is removed afterwards.
bench_server() {
  build_app
  local home=$state/bench-$$
  trap 'kill "${server_pid:-0}" 2>/dev/null; cluster_remove "'"$home"'/pg"; rm -rf "'"$home"'"' EXIT
  cluster_start "$home/pg" 54620
  database_create civitane
  port=$(free_port 8520)
  CIVITANE_DATABASE_URL="jdbc:postgresql://127.0.0.1:$db_port/civitane" CIVITANE_DATABASE_PASSWORD="$db_password" CIVITANE_STORE="$home/papers" \
    CIVITANE_REGISTER_KEY=bench SERVER_PORT="$port" "$JAVA_HOME/bin/java" -Xmx1g "${quiet_java[@]}" -jar "$app/server/civitane-server-app.jar" >"$state/bench.log" 2>&1 &
  server_pid=$!
  until port_taken "$port"; do sleep 0.5; done
  sleep 5
  say "Filling the store …"
  PGPASSWORD=$db_password "$pg_bin/psql" -h 127.0.0.1 -p "$db_port" -U civitane -d civitane -q -v ON_ERROR_STOP=1 -f "$root/bench/claims.sql"
  "$JAVA_HOME/bin/java" "$root/bench/Load.java" "http://127.0.0.1:$port"
}
bench_server
