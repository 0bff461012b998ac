# Runs the tests, against a database of their own that is made and removed here, and counts them.

verify() {
  local parts=("$@") part started=$SECONDS status=0
  if [ ${#parts[@]} = 0 ]; then parts=(format core exchange cli web server browser); fi
  need_build_tools
  test_home=$state/test-$$
  mkdir -p "$test_home"
  trap 'cluster_remove "$test_home/pg"; rm -rf "$test_home"' EXIT
  rm -f "$root"/server/target/*-tests.log*
  find "$root" -path '*/node_modules' -prune -o -path '*/target/surefire-reports/*' -name '*.xml' -exec rm {} +
  for part in "${parts[@]}"; do
    say "— $part"
    case $part in
      format) maven spotless:check || status=1 ;;
      web) verify_web || status=1 ;;
      core | exchange | cli) verify_maven "$part" || status=1 ;;
      server) need_tesseract; { web_install && test_database server && verify_maven server; } || status=1 ;;
      browser) need_chromium; need_tesseract; { web_install && test_database browser && verify_maven browser-tests; } || status=1 ;;
      *) fail "There is no part \"$part\": format core exchange cli web server browser." 2 ;;
    esac
    if [ $status != 0 ]; then say "civitane: $part failed."; break; fi
  done
  closing_line $((SECONDS - started))
  return $status
}

verify_web() {
  web_install && (cd "$root/web" && npm run --silent lint && npm run --silent build && npm run --silent test -- --reporter=default --reporter=junit --outputFile=target/surefire-reports/TEST-web.xml)
}

verify_maven() { # MODULE with its tests; what it stands on is built without
  maven install -DskipTests -pl "$1" -am && maven surefire:test -pl "$1"
}

test_database() { # NAME
  cluster_start "$test_home/pg" 54420
  database_create "civitane_$1"
  export CIVITANE_TEST_DATABASE_URL="jdbc:postgresql://127.0.0.1:$db_port/civitane_$1" CIVITANE_TEST_DATABASE_PASSWORD="$db_password"
  export CIVITANE_TEST_DATABASE_APP_PASSWORD="$db_app_password" CIVITANE_TEST_DATABASE_LOG="$db_home/data/server.log"
  restart_command >"$test_home/restart"
  chmod +x "$test_home/restart"
  export CIVITANE_TEST_DATABASE_RESTART="$test_home/restart"
  export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
}

closing_line() {
  find "$root" -path '*/node_modules' -prune -o -path '*/target/surefire-reports/TEST-*.xml' -print0 | xargs -0 -r cat \
    | awk -v seconds="$1" '/<testsuite / {
        match($0, / tests="[0-9]+"/); t += substr($0, RSTART + 8, RLENGTH - 9)
        match($0, / errors="[0-9]+"/); e += substr($0, RSTART + 9, RLENGTH - 10)
        match($0, / failures="[0-9]+"/); f += substr($0, RSTART + 11, RLENGTH - 12)
        match($0, / skipped="[0-9]+"/); s += substr($0, RSTART + 10, RLENGTH - 11)
      } END { printf "\nTests took %d s.\n%d passed, %d failed, %d skipped\n", seconds, t - e - f - s, e + f, s }'
}

bench() {
  need_build_tools
  case ${1:-core} in
    core)
      maven package -DskipTests -pl bench -am
      "$JAVA_HOME/bin/java" "${quiet_java[@]}" -cp "$root/bench/target/civitane-bench.jar:$root/bench/target/lib/*" org.openjdk.jmh.Main -prof gc "${@:2}" ;;
    lines) . "$root/bench/lines.sh" ;;
    server) . "$root/bench/server.sh"; bench_server ;;
    uploads) . "$root/bench/server.sh"; bench_uploads ;;
    browser) . "$root/bench/server.sh"; bench_browser ;;
    documents)
      need_tesseract
      maven install -DskipTests -pl server -am && maven surefire:test -pl server -Dtest=MadeDocumentsTest -Dcivitane.documents="${2:-500}" | grep -v "^$" ;;
    *) fail "There is no benchmark \"$1\": core, lines, server, uploads, browser, documents." 2 ;;
  esac
}
