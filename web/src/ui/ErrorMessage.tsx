import { Alert } from "./Alert";

/** What went wrong with a request or an entry, in its place; nothing while all is well. */
export function ErrorMessage({ of }: { of: Error | string | null | undefined | false }) {
  const said = typeof of === "object" ? of?.message : of;
  return said ? <Alert status="error">{said}</Alert> : null;
}
