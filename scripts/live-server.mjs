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
      const code = /signs in with this code: (\S+)/.exec(said)?.[1];
      if (address) resolve({ server, address, code });
    });
    server.stderr.on("data", (text) => process.stderr.write(text));
    server.on("exit", (code) => reject(new Error(`The server ended (${code}) before it answered.`)));
  });
}

/** What a browser would keep of whoever signed in. */
const kept = { cookies: new Map(), token: "" };

/** The first lead comes in by the code that was printed, and stays signed in, whatever becomes of the server. */
export async function comeIn(address, code, name) {
  const session = await call(address, "/api/session/code", { name, code, password: "three odd words" });
  kept.token = session.token;
}

export async function call(address, path, body, method = body ? "POST" : "GET") {
  const text = typeof body === "string";
  const answer = await fetch(address + path, {
    method,
    headers: {
      ...(body && { "content-type": text ? "application/octet-stream" : "application/json" }),
      cookie: [...kept.cookies].map(([name, value]) => `${name}=${value}`).join("; "),
      "x-lacet-token": kept.token,
    },
    body: body ? (text ? body : JSON.stringify(body)) : undefined,
  });
  for (const cookie of answer.headers.getSetCookie()) {
    const [, name, value] = /^([^=]+)=([^;]*)/.exec(cookie);
    kept.cookies.set(name, value);
  }
  const json = await answer.json();
  if (!answer.ok) throw Object.assign(new Error(json.detail), { status: answer.status });
  return json;
}

/** A record of a ferrule under a screw, by feel. */
export const record = (id, sequence) => ({
  id,
  device: "script",
  deviceSequence: sequence,
  claimedAt: new Date().toISOString(),
  conductor: { size: "2.5 mm²", build: "fine-stranded" },
  landing: { kind: "screw-clamp-block", leastMm2: 0.5, mostMm2: 4, stripDepthMm: 9, ferrule: "allowed" },
  tightening: { method: "by-feel" },
});
