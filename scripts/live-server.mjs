// A server of its own for the scripts that treat it badly.
import { spawn } from "node:child_process";

/** Starts the program on a data folder and waits until it answers; `descriptors`: how many files and sockets it may hold. */
export function start(program, data, descriptors) {
  const limit = descriptors ? `ulimit -n ${descriptors}; ` : "";
  const server = spawn("bash", ["-c", `${limit}exec dotnet "$0" serve --port 0 --data "$1"`, program, data]);
  return new Promise((resolve, reject) => {
    let said = "";
    server.stdout.on("data", (text) => {
      said += text;
      const address = /Lacet is at (\S+)/.exec(said)?.[1];
      if (address) resolve({ server, address });
    });
    server.stderr.on("data", (text) => process.stderr.write(text));
    server.on("exit", (code) => reject(new Error(`The server ended (${code}) before it answered.`)));
  });
}

export async function call(address, path, body, method = body ? "POST" : "GET") {
  const text = typeof body === "string";
  const answer = await fetch(address + path, {
    method,
    headers: body ? { "content-type": text ? "application/octet-stream" : "application/json" } : {},
    body: body ? (text ? body : JSON.stringify(body)) : undefined,
  });
  const json = await answer.json();
  if (!answer.ok) throw Object.assign(new Error(json.detail), { status: answer.status });
  return json;
}

/** A record of a ferrule under a screw, by feel. */
export const record = (id, person, sequence) => ({
  id,
  device: "script",
  deviceSequence: sequence,
  personId: person,
  claimedAt: new Date().toISOString(),
  conductor: { size: "2.5 mm²", build: "fine-stranded" },
  landing: { kind: "screw-clamp-block", leastMm2: 0.5, mostMm2: 4, stripDepthMm: 9, ferrule: "allowed" },
  tightening: { method: "by-feel" },
});
