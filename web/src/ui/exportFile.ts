import { refusalOf, Refusal } from "../client";
import { saveAs } from "../shared/saveAs";
import { toast } from "./Toaster";

const size = (bytes: number) =>
  bytes < 1e6 ? `${Math.ceil(bytes / 1e3)} kB` : `${(bytes / 1e6).toFixed(1)} MB`;

/** Fetches a file of the server's and keeps it: how much has come is told, and it can be cancelled. */
export async function exportFile(href: string, name: string) {
  const id = `export ${href}`;
  const aborting = new AbortController();
  const cancel = () => aborting.abort();
  toast(`Exporting ${name}…`, { id, cancel });
  try {
    const content = await fetched(href, aborting.signal, (bytes) =>
      toast(`Exporting ${name}: ${size(bytes)}…`, { id, cancel }),
    );
    saveAs(name, content);
    toast(`Exported ${name}, ${size(content.size)}.`, { id });
  } catch (error) {
    if (aborting.signal.aborted) toast(`Cancelled: ${name} was not exported.`, { id });
    else
      toast(`${name} was not exported. ${error instanceof Refusal ? error.message : ""}`.trim(), {
        id,
        again: () => void exportFile(href, name),
      });
  }
}

async function fetched(href: string, signal: AbortSignal, onBytes: (bytes: number) => void) {
  let response: Response;
  try {
    response = await fetch(href, { signal });
  } catch (error) {
    throw signal.aborted ? error : new Refusal("Lacet does not answer. Nothing was lost.", 0);
  }
  if (!response.ok || !response.body) throw refusalOf(response, await response.json().catch(() => null));
  let [come, told] = [0, performance.now()];
  const counted = response.body.pipeThrough(
    new TransformStream<Uint8Array, Uint8Array>({
      transform(piece, to) {
        come += piece.byteLength;
        if (performance.now() - told > 250) {
          told = performance.now();
          onBytes(come);
        }
        to.enqueue(piece);
      },
    }),
  );
  return new Response(counted, { headers: response.headers }).blob();
}
