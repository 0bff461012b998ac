# Measures the command line over a million food-assistance case files against parsing the same lines with Jackson alone, on one core and on all.
bench_lines() {
  maven package -DskipTests -pl bench -am
  local home=$state/bench-$$ classes="$root/bench/target/civitane-bench.jar:$root/bench/target/lib/*" count cores
  trap 'rm -rf "'"$home"'"' EXIT
  mkdir -p "$home"
  say "Writing the lines …"
  "$JAVA_HOME/bin/java" -cp "$classes" org.civitane.bench.RandomLines 1000000 >"$home/1000000.jsonl"
  head -n 100000 "$home/1000000.jsonl" >"$home/100000.jsonl"
  (command_line determine --no-reasons "$home/100000.jsonl") >/dev/null
  for _ in 1 2; do
    for cores in one all; do
      "$JAVA_HOME/bin/java" "${quiet_java[@]}" -XX:+UseSerialGC -cp "$classes" org.civitane.bench.ParseAlone "$cores" "$home/1000000.jsonl"
    done
    for count in 100000 1000000; do bench_determine "$home/$count.jsonl" "$count"; done
  done
}

bench_determine() { # FILE COUNT
  local begin=$EPOCHREALTIME peak=0 now
  (command_line determine --no-reasons "$1") >/dev/null &
  local pid=$!
  while now=$(awk '/VmHWM/ { print $2 }' "/proc/$pid/status" 2>/dev/null) && [ -n "$now" ]; do
    peak=$now
    sleep 0.1
  done
  wait "$pid"
  awk -v count="$2" -v from="$begin" -v to="$EPOCHREALTIME" -v peak="$peak" \
    'BEGIN { printf "determine --no-reasons: %d lines in %.2f s, peak %d MB\n", count, to - from, peak / 1024 }'
}
bench_lines
