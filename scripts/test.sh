# Sourced by ./lacet: every check there is. Ends non-zero where anything fails; the last line adds all of them up.

passed=0 failed=0
failures=() seconds=()
chromium=/usr/bin/chromium

install_browser() {
  [[ -x $chromium ]] && return
  if (( EUID != 0 )); then
    die "the end-to-end tests need Chromium at $chromium. As root: apt-get install chromium (and units, for one more check)."
  fi
  quietly "reading the package lists" apt-get update
  # units is a second opinion on conversions; the tests do without where it is missing.
  quietly "installing Chromium and units" env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends chromium units
}

# One check that has no tests of its own to count.
check() {
  local what=$1; shift
  mkdir -p "$logs"
  say "$what…"
  if "$@" >"$logs/check.log" 2>&1; then
    passed=$((passed + 1))
  else
    tail -n 40 "$logs/check.log" >&2
    fail "$what"
  fi
}

fail() {
  failed=$((failed + 1))
  failures+=("$1")
  say "$1 FAILED"
}

# Adds what a reader of a report prints: "passed failed", then a line for each that failed and, after "again ", for each
# that passed only the second time.
add_up() {
  local ok bad name
  {
    read -r ok bad
    passed=$((passed + ok)) failed=$((failed + bad))
    while IFS= read -r name; do
      if [[ $name == again\ * ]]; then seconds+=("${name#again }"); else failures+=("$name"); fi
    done
  } <<<"$1"
}

unit_tests() {
  local project=$1 report="$PWD/$logs/$1.xml" program="tests/$1/bin/Release/net10.0/$1.dll" again=() name
  say "$project…"
  rm -f "$report" "$report.again"
  dotnet "$program" -noLogo -noColor -xml "$report" >"$logs/$project.log" 2>&1 || true
  grep -A 12 -F '[FAIL]' "$logs/$project.log" >&2 || true
  if [[ ! -f $report ]]; then
    tail -n 40 "$logs/$project.log" >&2
    fail "$project did not finish"
    return
  fi

  # A busy machine can fail one that waits; what is wrong fails again, alone and in a process of its own.
  while IFS= read -r name; do [[ -z $name ]] || again+=(-method "$name"); done < <(node scripts/count.mjs failed "$report")
  if (( ${#again[@]} > 0 && ${#again[@]} <= 6 )); then
    dotnet "$program" -noLogo -noColor -xml "$report.again" "${again[@]}" >"$logs/$project.again.log" 2>&1 || true
  fi
  add_up "$(node scripts/count.mjs xunit "$report" "$report.again")"
}

front_end_units() {
  local report="$PWD/$logs/vitest.json"
  say "front end units…"
  rm -f "$report"
  (cd web && npx vitest run --dir src --reporter=default --reporter=json --outputFile="$report") >"$logs/vitest.log" 2>&1 || cat "$logs/vitest.log" >&2
  if [[ -f $report ]]; then
    add_up "$(node scripts/count.mjs vitest "$report")"
  else
    fail "the front end's units did not finish"
  fi
}

browser_tests() {
  local report="$PWD/$logs/e2e.json" folder port code
  folder=$(mktemp -d)
  say "end-to-end tests…"
  dotnet "$program" serve --port 0 --data "$folder/data" --stand-ins >"$logs/e2e-server.log" 2>&1 &
  server=$!
  for _ in $(seq 600); do
    port=$(sed -n 's|^Lacet is at http://127.0.0.1:\([0-9]*\)$|\1|p' "$logs/e2e-server.log")
    [[ -n $port ]] && break
    sleep 0.1
  done
  code=$(sed -n 's|.* signs in with this code: ||p' "$logs/e2e-server.log")
  rm -f "$report"
  (cd web && LACET_URL="http://127.0.0.1:$port" LACET_CODE="$code" PLAYWRIGHT_JSON_OUTPUT_NAME="$report" npx playwright test) >&2 || true
  kill -TERM "$server" 2>/dev/null && wait "$server" || true
  rm -rf "$folder"
  if [[ -f $report ]]; then
    add_up "$(node scripts/count.mjs playwright "$report")"
  else
    fail "the end-to-end tests did not finish"
  fi
}

need_tools
install_browser
# Side by side: neither needs the other.
build_front_end &
front_end=$!
quietly "restoring NuGet packages" dotnet restore Lacet.slnx --locked-mode
quietly "restoring the formatter" dotnet tool restore
quietly "building everything" dotnet build Lacet.slnx -c Release --no-restore -nodeReuse:false
wait "$front_end" || die "the front end was not built."
fingerprint >"$logs/built"

# Its style and its analyzers are held by the build.
check "C# formatting" dotnet csharpier check src tests bench
check "front end formatting" npm --prefix web run format:check
check "front end types" npm --prefix web run types
check "front end lint" npm --prefix web run lint
check "client as the HTTP interface has it" npm --prefix web run api:check
check "killed while it stores" node scripts/kill-test.mjs "$program" 4
check "nothing left to open" node scripts/descriptors-test.mjs "$program"
check "the script's own edges" bash scripts/script-test.sh
front_end_units
unit_tests Lacet.Core.Tests
for project in Store Exchange Workshop Web; do unit_tests "Lacet.$project.Tests"; done
browser_tests

for name in ${seconds+"${seconds[@]}"}; do say "passed only the second time: $name"; done
for name in ${failures+"${failures[@]}"}; do say "FAILED: $name"; done
printf '%d passed, %d failed\n' "$passed" "$failed"
(( failed == 0 ))
