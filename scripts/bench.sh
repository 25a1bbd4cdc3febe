# Sourced by ./lacet: how fast it is. Figures only; with "jobs", "lists", "deeds" or "board" those alone.

# A large board in headless Chromium, against a server of its own.
board_bench() {
  local folder port
  folder=$(mktemp -d)
  dotnet "$program" serve --port 0 --data "$folder/data" >"$logs/bench-server.log" 2>&1 &
  server=$!
  for _ in $(seq 600); do
    port=$(sed -n 's|^Lacet is at http://127.0.0.1:\([0-9]*\)$|\1|p' "$logs/bench-server.log")
    [[ -n $port ]] && break
    sleep 0.1
  done
  local code
  code=$(sed -n 's|.* signs in with this code: ||p' "$logs/bench-server.log")
  (cd web && node bench/board.mjs "http://127.0.0.1:$port" "$code") || true
  kill -TERM "$server" 2>/dev/null && wait "$server" || true
  rm -rf "$folder"
}

build
if [[ ${1-} != board ]]; then
  quietly "building the benchmarks" dotnet build bench/Lacet.Bench -c Release -nodeReuse:false
  dotnet bench/Lacet.Bench/bin/Release/net10.0/Lacet.Bench.dll "$program" src/Lacet.Web/wwwroot "$@"
fi
if [[ ${1-} != jobs && ${1-} != lists && ${1-} != deeds ]]; then
  [[ -x /usr/bin/chromium ]] || die "the board is measured in Chromium at /usr/bin/chromium."
  board_bench
fi
