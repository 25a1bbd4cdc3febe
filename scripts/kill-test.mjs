// Kills the server while it stores, again and again on one data folder, and looks what is there afterwards: whatever was
// acknowledged is there once, whatever was not is there whole or not at all. usage: kill-test.mjs PROGRAM [KILLS]
import { randomUUID } from "node:crypto";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { call, comeIn, record as recorded, start } from "./live-server.mjs";

const [program, kills = "5"] = process.argv.slice(2);
const folder = mkdtempSync(join(tmpdir(), "lacet-kill-"));
const list = (wires) =>
  ["Wire;From;To;Size", ...Array.from({ length: wires }, (_, i) => `${i + 1};A/X1:${i};A/X2:${i};2,5`)].join("\r\n");

/** What was sent, and whether it was acknowledged. */
const sent = { records: new Map(), wires: new Map(), lists: new Map() };
let job;

async function record(address) {
  const id = randomUUID();
  sent.records.set(id, false);
  await call(address, "/api/records", recorded(id, sent.records.size));
  sent.records.set(id, true);
}

async function wire(address) {
  const name = `w${sent.wires.size + 1}`;
  sent.wires.set(name, false);
  await call(address, `/api/jobs/${job}/wires`, {
    id: randomUUID(),
    rows: [{ name, size: "2.5" }],
    enclosure: "A",
  });
  sent.wires.set(name, true);
}

async function importList(address) {
  const name = `list ${sent.lists.size + 1}`;
  const wires = 30 + 400 * (sent.lists.size % 3);
  const { id } = await call(address, "/api/jobs/import/preview", list(wires));
  sent.lists.set(name, { wires, done: false });
  await call(address, `/api/jobs/import/${id}/accept`, { id: randomUUID(), jobName: name });
  sent.lists.get(name).done = true;
}

async function work(address) {
  // One after the other of each kind, all kinds at once, until the server is gone.
  await Promise.all(
    [record, record, wire, importList].map(async (deed) => {
      for (;;) await deed(address);
    }),
  ).catch((error) => {
    if (error.status) throw error;
  });
}

const wrong = [];
const expect = (holds, what) => holds || wrong.push(what);

async function look(address) {
  const seal = await call(address, "/api/records/seal");
  expect(seal.isWhole, `the record is not whole: ${seal.says}`);
  const there = [];
  for (let before; ; ) {
    const page = await call(address, `/api/records?limit=200${before ? `&before=${before}` : ""}`);
    there.push(...page.items.map((item) => item.id));
    if (!(before = page.next)) break;
  }
  expect(new Set(there).size === there.length, "a record is there twice");
  for (const [id, done] of sent.records) expect(!done || there.includes(id), `record ${id} is lost`);
  const { items: wires } = await call(address, `/api/jobs/${job}/wires?limit=1000`);
  const names = wires.map((row) => row.wire.name);
  expect(new Set(names).size === names.length, "a wire is there twice");
  for (const [name, done] of sent.wires) expect(!done || names.includes(name), `wire ${name} is lost`);
  const { items: jobs } = await call(address, "/api/jobs?limit=200");
  for (const [name, { wires: count, done }] of sent.lists) {
    const found = jobs.filter((one) => one.summary.name === name);
    expect(found.length <= 1 && (!done || found.length === 1), `${name} is there ${found.length} times`);
    if (found[0]) {
      const { total } = await call(address, `/api/jobs/${found[0].id}/wires?limit=1`);
      expect(total === count, `${name} has ${total} of ${count} wires`);
    }
  }
}

try {
  for (let kill = 0; kill < Number(kills); kill++) {
    const { server, address, code } = await start(program, join(folder, "data"));
    if (!job) {
      await comeIn(address, code, "Kill");
      job = randomUUID();
      await call(address, "/api/jobs", { id: job, name: "Killed" });
    }
    await look(address);
    const working = work(address);
    await new Promise((resolve) => setTimeout(resolve, 300 + Math.random() * 1500));
    server.removeAllListeners("exit");
    const gone = new Promise((resolve) => server.on("exit", resolve));
    server.kill("SIGKILL");
    await Promise.all([gone, working]);
  }
  const { server, address } = await start(program, join(folder, "data"));
  await look(address);
  server.removeAllListeners("exit");
  server.kill("SIGTERM");
  const acknowledged = [...sent.records.values(), ...sent.wires.values(), ...[...sent.lists.values()].map((l) => l.done)];
  console.log(`${kills} kills, ${acknowledged.filter(Boolean).length} of ${acknowledged.length} deeds acknowledged`);
} finally {
  rmSync(folder, { recursive: true, force: true });
}
for (const what of wrong) console.error(what);
process.exit(wrong.length ? 1 : 0);
