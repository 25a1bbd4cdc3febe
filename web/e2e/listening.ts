import { execFileSync, spawn, type ChildProcess } from "node:child_process";
import { createHash, X509Certificate } from "node:crypto";
import { mkdtempSync, rmSync } from "node:fs";
import { createServer } from "node:net";
import { tmpdir } from "node:os";
import { join, resolve } from "node:path";
import { connect } from "node:tls";

const program = "src/Lacet.Web/bin/Release/net10.0/Lacet.Web.dll";
const root = resolve(import.meta.dirname, "../..");
/** Of this machine, and not the one that everything else is asked at. */
const host = "127.0.0.2";

export interface Listening {
  /** On this machine. */
  here: string;
  /** As a phone reaches it. */
  there: string;
  /** What a browser is told that has it in its list of keys to trust. */
  key: string;
  /** The code of each of the crew. */
  codes: Map<string, string>;
  end: () => void;
}

const freePort = () =>
  new Promise<number>((done) => {
    const server = createServer().listen(0, host, () => {
      const address = server.address();
      server.close(() => done(typeof address === "object" && address ? address.port : 0));
    });
  });

/** A server that listens to others over TLS, by a certificate of Lacet’s own, with a crew that has codes. */
export async function listening(crew: readonly (readonly [string, string])[]): Promise<Listening> {
  const folder = mkdtempSync(join(tmpdir(), "lacet-crew-"));
  const data = join(folder, "data");
  const codes = new Map<string, string>();
  for (const [name, role] of crew) {
    const said = execFileSync("dotnet", [program, "person", "add", name, "--role", role, "--data", data], {
      cwd: root,
      encoding: "utf8",
    });
    codes.set(name, said.trim().split(" ").at(-1) ?? "");
  }
  const port = await freePort();
  const at = ["serve", "--port", "0", "--data", data, "--listen", `${host}:${port}`, "--stand-ins"];
  const server = spawn("dotnet", [program, ...at], { cwd: root });
  const here = await addressOf(server);
  return {
    here,
    there: `https://${host}:${port}`,
    key: await keyOf(here, port),
    codes,
    end: () => {
      server.kill("SIGTERM");
      rmSync(folder, { recursive: true, force: true, maxRetries: 5, retryDelay: 200 });
    },
  };
}

const addressOf = (server: ChildProcess) =>
  new Promise<string>((done, fail) => {
    let said = "";
    server.stdout?.on("data", (text: Buffer) => {
      said += text.toString();
      const address = /Lacet is at (\S+)/.exec(said)?.[1];
      if (address) done(address);
    });
    server.on("exit", (code) => fail(new Error(`The server ended (${code}) before it answered: ${said}`)));
  });

/** The key of its certificate, once that has been found good by its authority alone. */
async function keyOf(here: string, port: number) {
  const authority = Buffer.from(await (await fetch(`${here}/api/trust/authority.crt`)).arrayBuffer());
  const pem = new X509Certificate(authority).toString();
  return new Promise<string>((done, fail) => {
    const socket = connect({ host, port, ca: pem }, () => {
      const key = new X509Certificate(socket.getPeerCertificate().raw).publicKey;
      done(
        createHash("sha256")
          .update(key.export({ type: "spki", format: "der" }))
          .digest("base64"),
      );
      socket.end();
    });
    socket.on("error", fail);
  });
}
