import { chromium } from "@playwright/test";
const [, , url, file, w = "1280", h = "800", ...acts] = process.argv;
const b = await chromium.launch({ executablePath: "/usr/bin/chromium", args: ["--no-sandbox", "--disable-gpu"] });
const p = await b.newPage({ viewport: { width: +w, height: +h } });
await p.addInitScript(() => localStorage.setItem("lacet.person", JSON.stringify({ id: "7b0e3f9e-0000-4000-8000-000000000001", name: "A. Reyl" })));
await p.goto(url); await p.waitForTimeout(1500);
for (const a of acts) { const [k, ...r] = a.split("="); const v = r.join("=");
  if (k === "click") await p.getByRole("button", { name: v }).first().click();
  if (k === "tab") await p.getByText(v, { exact: true }).first().click();
  if (k === "select") { const [l, o] = v.split("|"); await p.getByLabel(l, {exact:true}).first().selectOption({ label: o }); }
  if (k === "css") await p.locator(v).first().click();
  if (k === "wait") await p.waitForTimeout(+v);
  await p.waitForTimeout(500); }
await p.screenshot({ path: file }); await b.close();
