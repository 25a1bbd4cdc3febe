import { defineConfig } from "@playwright/test";
import { signedIn } from "./e2e/people";

// The server is started by `./lacet test`, with throwaway data; LACET_URL says where.
export default defineConfig({
  testDir: "e2e",
  globalSetup: "./e2e/people.ts",
  fullyParallel: true,
  workers: 2,
  // Generous: the machines that run this are small and shared, and nothing here measures speed.
  timeout: 240_000,
  expect: { timeout: 20_000 },
  // Once more where a busy machine came between; `./lacet test` names what passed only then.
  retries: 1,
  reporter: [["line"], ["json"]],
  use: {
    baseURL: process.env.LACET_URL ?? "http://127.0.0.1:5080",
    locale: "en-GB",
    storageState: signedIn,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: "/usr/bin/chromium",
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
      ],
    },
  },
});
