#!/usr/bin/env bash
# The edges of ./lacet that a person meets: each must be one clear sentence and a non-zero exit.
set -uo pipefail
# Jobs of their own: without it bash starts a background program deaf to Ctrl-C.
set -m
cd "$(dirname "$0")/.."
program=src/Lacet.Web/bin/Release/net10.0/Lacet.Web.dll
folder=$(mktemp -d)
trap 'kill "${server-}" 2>/dev/null; rm -rf "$folder"' EXIT
bad=0

refuses() {
  local what=$1 sentence=$2; shift 2
  local said status=0
  said=$("$@" 2>&1 >/dev/null) || status=$?
  if (( status == 0 )) || ! grep -q "$sentence" <<<"$said" || (( $(wc -l <<<"$said") != 1 )); then
    printf '%s: exit %s, said: %s\n' "$what" "$status" "$said"
    bad=1
  fi
}

# Deaf already where the whole script was started in the background: the signal is set back.
env --default-signal=INT dotnet "$program" serve --port 0 --data "$folder/data" >"$folder/out" 2>&1 &
server=$!
for _ in $(seq 600); do grep -q '^Lacet is at' "$folder/out" && break; sleep 0.1; done
port=$(sed -n 's|^Lacet is at .*:||p' "$folder/out")

refuses "a port in use" "Port $port is in use" dotnet "$program" serve --port "$port" --data "$folder/other"
refuses "a data folder that is a file" "cannot be used" dotnet "$program" serve --port 0 --data "$folder/out"
refuses "a flag nobody knows" "Unrecognized" dotnet "$program" serve --colour
refuses "a port that is no number" "needs a number" dotnet "$program" serve --port many
refuses "others let in where nobody works" "Nobody works here yet" dotnet "$program" serve --port 0 --data "$folder/alone" --listen 127.0.0.2:0
refuses "somebody reset who is not there" "Nobody here is called Eve" dotnet "$program" person reset Eve --data "$folder/data"
dotnet "$program" person add Ada --role lead --data "$folder/data" | grep -q 'signs in with this code' || { echo "nobody added while running"; bad=1; }
refuses "somebody added twice" "works here already" dotnet "$program" person add ada --data "$folder/data"
refuses "a backup of nothing" "no Lacet data" dotnet "$program" backup "$folder/b.zip" --data "$folder/none"
refuses "a missing SDK" "SDK is missing" env PATH=/nowhere /bin/bash -c 'PATH=/nowhere; dirname() { echo .; }; source ./lacet demo'
[[ -e $folder/other ]] && { echo "a refused start left a data folder"; bad=1; }

dotnet "$program" backup "$folder/b.zip" --data "$folder/data" >/dev/null || { echo "no backup while running"; bad=1; }
dotnet "$program" restore "$folder/b.zip" --data "$folder/back" >/dev/null || { echo "no restore"; bad=1; }
[[ -f $folder/back/lacet.db ]] || { echo "the restored folder is empty"; bad=1; }
refuses "a backup into the data folder" "inside the data folder" dotnet "$program" backup "$folder/data/b.zip" --data "$folder/data"
refuses "a head that is none" "needs the first 8 digits" dotnet "$program" verify --head nope --data "$folder/data"
dotnet "$program" verify --data "$folder/data" >"$folder/verified" || { echo "no verify while running"; cat "$folder/verified"; bad=1; }
refuses "a restore over data" "holds data already" dotnet "$program" restore "$folder/b.zip" --data "$folder/data"

kill -INT "$server"
timeout 20 tail --pid="$server" -f /dev/null || { echo "Ctrl-C did not stop it"; kill -KILL "$server"; }
wait "$server" || { echo "Ctrl-C did not stop it cleanly"; bad=1; }
# Where it is, and the code of the first lead.
(( $(wc -l <"$folder/out") == 2 )) || { echo "it printed more than its two lines:"; cat "$folder/out"; bad=1; }
exit $bad
