# Starts and stops the server with its database.

serve_up() {
  if serving; then fail "Civitane is running already: http://127.0.0.1:$(cat "$state/port")"; fi
  if port_taken "$port"; then fail "Port $port is taken. Stop what uses it, or choose another: CIVITANE_PORT=8421 ./civitane up"; fi
  build_app
  (need_tesseract) || say "Papers will not be read by machine until Tesseract is installed."
  trap 'serve_stop; exit 130' INT TERM
  cluster_start "$state/pg" 54320
  database_create civitane
  printf '%s' "$port" >"$state/port"
  secret "$state/register-key" >/dev/null
  serve_java &
  server_pid=$!
  printf '%s' "$server_pid" >"$state/server.pid"
  await_server
  cat <<E

Civitane answers at http://127.0.0.1:$port

  Demo accounts, all with the password  halvern-demo-2026
    caseworker   asa.mikkel@halvern.example      her own claims
    caseworker   joao.brattli@halvern.example    takes from the same office
    supervisor   sunniva.reis@halvern.example    may also hand claims over
    auditor      edda.holm@halvern.example       may only read
    applicant    runa.ostby@post.example         one household's side

Ctrl-C stops it, and so does ./civitane down.
E
  wait "$server_pid" || true
  serve_stop
}

serve_java() {
  CIVITANE_DATABASE_URL="jdbc:postgresql://127.0.0.1:$db_port/civitane" CIVITANE_DATABASE_PASSWORD="$db_password" \
    CIVITANE_STORE="$state/papers" CIVITANE_REGISTER_KEY="$(cat "$state/register-key")" SERVER_PORT="$port" \
    exec "$JAVA_HOME/bin/java" -Xmx1g "${quiet_java[@]}" -XX:+UseSerialGC -jar "$app/server/civitane-server-app.jar" >"$state/server.log" 2>&1
}

await_server() {
  local waited=0
  until (exec 3<>"/dev/tcp/127.0.0.1/$port" && printf 'GET /api/health HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' >&3 && head -1 <&3 | grep -q ' 200') 2>/dev/null; do
    if ! kill -0 "$server_pid" 2>/dev/null || [ "$waited" -ge 600 ]; then
      tail -n 5 "$state/server.log" >&2
      serve_stop
      fail "The server did not start: see $state/server.log"
    fi
    sleep 0.2
    waited=$((waited + 1))
  done
}

serving() { [ -f "$state/server.pid" ] && kill -0 "$(cat "$state/server.pid")" 2>/dev/null; }

serve_stop() {
  if serving; then
    local pid waited=0
    pid=$(cat "$state/server.pid")
    kill "$pid" 2>/dev/null || true
    while kill -0 "$pid" 2>/dev/null && [ "$waited" -lt 150 ]; do sleep 0.2; waited=$((waited + 1)); done
  fi
  rm -f "$state/server.pid"
  cluster_stop "$state/pg"
}

serve_down() {
  serve_stop
  say "Civitane is stopped; its data is kept."
}

serve_reset() {
  serve_stop
  cluster_remove "$state/pg"
  rm -rf "$state/papers"
  say "The data is gone. ./civitane up starts afresh."
}
