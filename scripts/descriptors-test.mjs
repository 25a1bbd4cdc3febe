// Takes away the files and sockets that the server may hold, and looks whether it is there again once they come back:
// what was acknowledged before and meanwhile is there once. usage: descriptors-test.mjs PROGRAM
import { randomUUID } from "node:crypto";
import { mkdtempSync, readdirSync, rmSync } from "node:fs";
import { connect } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { call, comeIn, record, start } from "./live-server.mjs";

const allowed = 600;
const [program] = process.argv.slice(2);
const folder = mkdtempSync(join(tmpdir(), "lacet-descriptors-"));
const wrong = [];
const expect = (holds, what) => holds || wrong.push(what);
const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

try {
  const { server, address, code } = await start(program, join(folder, "data"), allowed);
  const held = () => readdirSync(`/proc/${server.pid}/fd`).length;
  await comeIn(address, code, "Many doors");
  const acknowledged = [];
  const send = async () => {
    const id = randomUUID();
    await call(address, "/api/records", record(id, acknowledged.length + 1));
    acknowledged.push(id);
  };
  await send();
  const before = held();

  // More silent callers than it has sockets for.
  const silent = Array.from({ length: allowed + 80 }, () => connect(Number(new URL(address).port), "127.0.0.1"));
  for (const socket of silent) socket.on("error", () => {});
  for (let wait = 0; wait < 30 && held() < allowed; wait++) await pause(100);
  const most = held();
  expect(most > before + 100, `only ${most} descriptors were taken, so nothing is shown`);
  // Whoever has a way in is answered or told so; nothing is asked of whoever has none but to be let go in time.
  await Promise.race([Promise.allSettled([send(), send()]), pause(3000)]);
  for (const socket of silent) socket.destroy();

  for (let wait = 0; wait < 100 && held() > before + 40; wait++) await pause(100);
  expect(server.exitCode === null, "the server ended when it had nothing left to open");
  await send();
  const { items } = await call(address, "/api/records?limit=200");
  const there = items.map((item) => item.id);
  expect(new Set(there).size === there.length, "a record is there twice");
  for (const id of acknowledged) expect(there.includes(id), `record ${id} is lost`);
  expect((await call(address, "/api/records/seal")).isWhole, "the record is not whole");
  console.log(`${most} of ${allowed} descriptors taken, ${acknowledged.length} records acknowledged, ${held()} held after`);
  server.removeAllListeners("exit");
  server.kill("SIGTERM");
} finally {
  rmSync(folder, { recursive: true, force: true });
}
for (const what of wrong) console.error(what);
process.exit(wrong.length ? 1 : 0);
