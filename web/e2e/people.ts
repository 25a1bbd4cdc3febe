import { expect, request, type APIRequestContext, type FullConfig, type Page } from "@playwright/test";

/** Everybody’s, in a throwaway data folder. */
export const password = "three odd words";

/** Where the browsers of all tests find that Mara Quist is signed in. */
export const signedIn = "test-results/signed-in.json";

/** All of them lead: what somebody may not do is tested where it is about that. */
const leads = ["Mara Quist", "Ines Okafor", "Tomasz Varga", "Lio Brandt"];

async function json<T>(answer: { ok: () => boolean; status: () => number; text: () => Promise<string> }) {
  const text = await answer.text();
  if (!answer.ok()) throw new Error(`${answer.status()} ${text}`);
  return JSON.parse(text) as T;
}

/** What is sent back with each change. */
export const tokenOf = async (api: APIRequestContext) =>
  (await json<{ token: string }>(await api.get("/api/session"))).token;

/** Asks the server to do something, as whoever is signed in in this browser. */
export async function send<T>(
  page: Page,
  path: string,
  data: unknown,
  method: "POST" | "PUT" | "DELETE" = "POST",
) {
  const api = page.context().request;
  return json<T>(await api.fetch(path, { method, data, headers: { "X-Lacet-Token": await tokenOf(api) } }));
}

/** Once before all tests: the first lead comes in by the code that the server printed, and lets the others in. */
export default async function setUp(config: FullConfig) {
  const baseURL = config.projects[0]?.use.baseURL ?? "";
  const api = await request.newContext({ baseURL });
  const [first, ...others] = leads;
  const known = await api.post("/api/session/password", { data: { name: first, password } });
  if (!known.ok()) {
    const code = process.env.LACET_CODE;
    if (!code) throw new Error("LACET_CODE is the code of the first lead, as the server printed it.");
    await json(await api.post("/api/session/code", { data: { name: first, code, password, pin: "2580" } }));
    for (const name of others) await letIn(api, baseURL, name, "lead");
  }
  await api.storageState({ path: signedIn });
  await api.dispose();
}

/** Somebody who may work here from now on, with a password of their own. */
export async function letIn(api: APIRequestContext, baseURL: string, name: string, role: string) {
  const { code } = await json<{ code: string }>(
    await api.post("/api/people", {
      data: { name, role },
      headers: { "X-Lacet-Token": await tokenOf(api) },
    }),
  );
  const theirs = await request.newContext({ baseURL, storageState: { cookies: [], origins: [] } });
  await json(await theirs.post("/api/session/code", { data: { name, code, password, pin: "2580" } }));
  await theirs.dispose();
}

/** Hands the screen to somebody else, in the one place for it. */
export async function handTo(page: Page, name: string) {
  const now = (await (await page.context().request.get("/api/session")).json()) as {
    person: { name: string } | null;
  };
  if (now.person?.name === name) return;
  const more = page.getByRole("navigation", { name: "Places" }).getByRole("button", { name: "More" });
  if (await more.isVisible()) await more.click();
  // Not before the page knows whose it is.
  const whose = now.person ? `${now.person.name} is signed in. Change` : "Sign in";
  const who = page.getByRole("button", { name: whose, exact: true }).last();
  await expect(who).toBeVisible();
  await who.click();
  if (now.person) {
    const dialog = page.getByRole("dialog", { name: now.person.name });
    await dialog.getByRole("button", { name: "Change person" }).click();
  }
  await signInAs(page, name);
  await expect(page.getByRole("dialog")).toHaveCount(0);
}

/** Fills in the form where somebody is asked to sign in. */
export async function signInAs(page: Page, name: string) {
  await page.getByLabel("Name", { exact: true }).fill(name);
  await page.getByLabel("Password", { exact: true }).fill(password);
  // The sign-in that all tests begin with is theirs too: it is left, not ended.
  await page.context().clearCookies();
  await page.getByRole("button", { name: "Sign in", exact: true }).last().click();
}
