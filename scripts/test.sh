# Sourced by ./lacet: every check there is. Ends non-zero where anything fails; the last line adds all of them up.

passed=0 failed=0
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
    failed=$((failed + 1))
    tail -n 40 "$logs/check.log" >&2
    say "$what FAILED"
  fi
}

# Adds "passed failed", as a reader of a report prints them.
add_up() {
  local ok bad
  read -r ok bad <<<"$1"
  passed=$((passed + ok)) failed=$((failed + bad))
}

unit_tests() {
  local project=$1 report="$PWD/$logs/$1.xml"
  say "$project…"
  rm -f "$report"
  dotnet "tests/$project/bin/Release/net10.0/$project.dll" -noLogo -noColor -xml "$report" >"$logs/$project.log" 2>&1 || true
  grep -E '\[FAIL\]|^ +[A-Za-z].*Exception|Expected|Actual' "$logs/$project.log" >&2 || true
  if [[ -f $report ]]; then
    add_up "$(node scripts/count.mjs xunit "$report")"
  else
    tail -n 40 "$logs/$project.log" >&2
    failed=$((failed + 1))
    say "$project did not finish."
  fi
}

front_end_units() {
  local report="$PWD/$logs/vitest.json"
  say "front end units…"
  rm -f "$report"
  (cd web && npx vitest run --dir src --reporter=default --reporter=json --outputFile="$report") >"$logs/vitest.log" 2>&1 || cat "$logs/vitest.log" >&2
  if [[ -f $report ]]; then
    add_up "$(node scripts/count.mjs vitest "$report")"
  else
    failed=$((failed + 1))
    say "the front end's units did not finish."
  fi
}

browser_tests() {
  local report="$PWD/$logs/e2e.json" folder port
  folder=$(mktemp -d)
  say "end-to-end tests…"
  dotnet "$program" serve --port 0 --data "$folder/data" --stand-ins >"$logs/e2e-server.log" 2>&1 &
  server=$!
  for _ in $(seq 600); do
    port=$(sed -n 's|^Lacet is at http://127.0.0.1:\([0-9]*\)$|\1|p' "$logs/e2e-server.log")
    [[ -n $port ]] && break
    sleep 0.1
  done
  rm -f "$report"
  (cd web && LACET_URL="http://127.0.0.1:$port" PLAYWRIGHT_JSON_OUTPUT_NAME="$report" npx playwright test) >&2 || true
  kill -TERM "$server" 2>/dev/null && wait "$server" || true
  rm -rf "$folder"
  if [[ -f $report ]]; then
    add_up "$(node scripts/count.mjs playwright "$report")"
  else
    failed=$((failed + 1))
    say "the end-to-end tests did not finish."
  fi
}

need_tools
install_browser
# Side by side: neither needs the other.
build_front_end &
front_end=$!
quietly "restoring NuGet packages" dotnet restore Lacet.slnx --locked-mode
quietly "building everything" dotnet build Lacet.slnx -c Release --no-restore -nodeReuse:false
wait "$front_end" || die "the front end was not built."
fingerprint >"$logs/built"

# Its style and its analyzers are held by the build.
check "C# formatting" dotnet format whitespace Lacet.slnx --verify-no-changes --no-restore
check "front end formatting" npm --prefix web run format:check
check "front end types" npm --prefix web run types
check "front end lint" npm --prefix web run lint
check "client as the HTTP interface has it" npm --prefix web run api:check
check "killed while it stores" node scripts/kill-test.mjs "$program" 4
check "the script's own edges" bash scripts/script-test.sh
front_end_units
unit_tests Lacet.Core.Tests
for project in Store Exchange Workshop Web; do unit_tests "Lacet.$project.Tests"; done
browser_tests

printf '%d passed, %d failed\n' "$passed" "$failed"
(( failed == 0 ))
