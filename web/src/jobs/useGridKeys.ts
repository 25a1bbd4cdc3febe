import {
  useCallback,
  useLayoutEffect,
  useRef,
  useState,
  type ClipboardEvent,
  type KeyboardEvent,
} from "react";
import { useInTurn } from "../shared/useInTurn";
import { jobApi, type Wire } from "../job/jobApi";
import { useChanges } from "../job/useChanges";
import { wireColumns, type TypedField } from "./wireColumns";

interface Shown {
  group: string | null;
  wire: Wire | null;
}

type Cells = Partial<Record<TypedField, string>>;

const last = wireColumns.length - 1;

/** What is kept, without some cells of a row. */
function without(kept: Record<string, Cells>, key: string, fields: string[]): Record<string, Cells> {
  const rest = Object.fromEntries(
    Object.entries(kept[key] ?? {}).filter(([field]) => !fields.includes(field)),
  );
  return Object.fromEntries(
    Object.entries({ ...kept, [key]: rest }).filter(([, cells]) => Object.keys(cells).length > 0),
  );
}

/** Until something holds, looked at now and then; it is given up after half a second. */
async function until(holds: () => boolean) {
  for (let looked = 0; looked < 50 && !holds(); looked++) await new Promise((done) => setTimeout(done, 10));
}

/** Where each key leads from a cell; in a cell that is typed into, left and right move in the text. */
function movesOf(row: number, column: number, editing: boolean) {
  const moves: Record<string, [number, number]> = {
    ArrowDown: [row + 1, column],
    ArrowUp: [row - 1, column],
    ...(editing
      ? {}
      : {
          ArrowLeft: [row, column - 1],
          ArrowRight: [row, column + 1],
          Home: [row, 0],
          End: [row, last],
          PageDown: [row + 10, column],
          PageUp: [row - 10, column],
        }),
  };
  return moves;
}

/** What was typed into cells, sent one row after the other, and what of it was refused. */
function useTyped({
  job,
  enclosure,
  rows,
  keyOf,
}: {
  job: string;
  enclosure: string;
  rows: Shown[];
  keyOf: (row: number) => string;
}) {
  const { send } = useChanges();
  // What was sent and is not read again yet: it stands in its cell meanwhile. A new row gathers here until it has a name.
  const [sent, setSent] = useState<Record<string, Cells>>({});
  const [wrong, setWrong] = useState<string[]>([]);

  // Hands are faster than the wire: what is typed is sent one after the other, each over what the one before it made.
  const latest = useRef(rows);
  useLayoutEffect(() => {
    latest.current = rows;
  }, [rows]);
  const versions = useRef(new Map<string, number>());
  const inTurn = useInTurn(`rows of ${job}`);

  const type = (changes: { row: number; cells: Cells }[]) => {
    const keyed = changes.map(({ row, cells }): [string, Cells] => [keyOf(row), cells]);
    setSent((before) =>
      keyed.reduce((all, [key, cells]) => ({ ...all, [key]: { ...all[key], ...cells } }), before),
    );
    void inTurn(async () => {
      const typed = changes.map(({ row, cells }) => {
        // A row that was new when it was typed may be a wire by now.
        const wire = latest.current[row]?.wire;
        const known = wire ? Math.max(wire.version, versions.current.get(wire.wire.id) ?? 0) : null;
        return wire ? { wireId: wire.wire.id, version: known, ...cells } : cells;
      });
      const kept = await send(async (id) => {
        const done = await jobApi.typeWires(job, { id, rows: typed, enclosure });
        for (const part of done.changed) versions.current.set(part.id, part.version);
        return done;
      });
      // A new row is a wire once the list that was read anew is drawn: what is typed next is typed into that one.
      if (kept) await until(() => changes.every(({ row }) => latest.current[row]?.wire));
      // What was refused stays in its cell, marked, to be put right; what was taken is read again from the list.
      if (kept)
        setSent((before) =>
          keyed.reduce((all, [key, cells]) => without(all, key, Object.keys(cells)), before),
        );
      setWrong(
        kept ? [] : keyed.flatMap(([key, cells]) => Object.keys(cells).map((field) => `${key} ${field}`)),
      );
    });
  };

  return { sent, setSent, wrong, type };
}

/** What was pasted, cell by cell, from the cell that is on; rows beyond the last are new. */
function pastedRows(pasted: string, rows: Shown[], active: { row: number; column: number }) {
  const lines = pasted.replace(/\r?\n$/, "").split(/\r?\n/);
  const wires = rows
    .map((row, index) => ({ ...row, index }))
    .filter((row) => !row.group && row.index >= active.row);
  return lines.map((line, i) => ({
    row: wires[i]?.index ?? rows.length,
    cells: Object.fromEntries(
      line.split("\t").flatMap((cell, j) => {
        const column = wireColumns[active.column + j];
        return column ? [[column.field, cell.trim()]] : [];
      }),
    ),
  }));
}

/** Which cell is on, what is typed into it, and what the keys do: as in a spreadsheet. */
export function useGridKeys({
  job,
  enclosure,
  rows,
  scrollTo,
}: {
  job: string;
  enclosure: string;
  rows: Shown[];
  scrollTo: (row: number) => void;
}) {
  const [active, setActive] = useState<{ row: number; column: number } | null>(null);
  const [text, setText] = useState<string | null>(null);
  const leaving = useRef(false);

  const keyOf = (row: number) => rows[row]?.wire?.wire.id ?? "new";

  const go = useCallback(
    (row: number, column: number) => {
      const to = Math.max(0, Math.min(rows.length - 1, row));
      setActive({ row: to, column: Math.max(0, Math.min(last, column)) });
      setText(null);
      scrollTo(to);
    },
    [rows.length, scrollTo],
  );

  const { sent, setSent, wrong, type } = useTyped({ job, enclosure, rows, keyOf });

  const commit = (value: string | null) => {
    if (!active || value === null) return;
    const column = wireColumns[active.column];
    const row = rows[active.row];
    if (!column || !row || row.group) return;
    const before = sent[keyOf(active.row)]?.[column.field] ?? (row.wire ? column.of(row.wire) : "");
    if (value.trim() === before) return;
    const cells = { ...(row.wire ? {} : sent.new), [column.field]: value.trim() };
    // A new wire is sent once it has a name: until then its cells are kept here.
    if (!row.wire && !cells.name) setSent((all) => ({ ...all, new: cells }));
    else type([{ row: active.row, cells }]);
  };

  const step = (row: number, column: number) => {
    leaving.current = true;
    commit(text);
    go(row, column);
    leaving.current = false;
  };

  const edit = (row: number, column: number) => {
    const shown = rows[row];
    const of = wireColumns[column];
    if (!shown || shown.group || !of) return;
    setActive({ row, column });
    setText(sent[keyOf(row)]?.[of.field] ?? (shown.wire ? of.of(shown.wire) : ""));
  };

  const onKeyDown = (event: KeyboardEvent) => {
    if (!active || event.target instanceof HTMLButtonElement) return;
    const { row, column } = active;
    const { key } = event;
    const editing = text !== null;
    const move = movesOf(row, column, editing)[key];
    if (move) {
      step(...move);
    } else if (key === "Enter") {
      if (editing) step(row + 1, column);
      else edit(row, column);
    } else if (key === "Tab") {
      if ((event.shiftKey && column === 0) || (!event.shiftKey && column === last)) {
        // At the edge the keyboard goes on to what stands after the list.
        commit(text);
        setText(null);
        return;
      }
      step(row, column + (event.shiftKey ? -1 : 1));
    } else if (key === "Escape") {
      const field = wireColumns[column]?.field;
      if (!editing && field) setSent((before) => without(before, keyOf(row), [field]));
      setText(null);
    } else if (key === "F2" && !editing) {
      edit(row, column);
    } else if ((key === "Delete" || key === "Backspace") && !editing) {
      commit("");
    } else if (!editing && key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey) {
      edit(row, column);
      setText(key);
    } else {
      return;
    }
    event.preventDefault();
    event.stopPropagation();
  };

  const onPaste = (event: ClipboardEvent) => {
    const pasted = event.clipboardData.getData("text/plain");
    if (!active || text !== null || !/[\t\n]/.test(pasted.trim())) return;
    event.preventDefault();
    type(pastedRows(pasted, rows, active));
  };

  return {
    active,
    text,
    firstRow: rows.findIndex((row) => !row.group),
    isWrong: (row: number, field: TypedField) => wrong.includes(`${keyOf(row)} ${field}`),
    pending: (row: number, field: TypedField) => sent[keyOf(row)]?.[field],
    go,
    edit,
    setText,
    leave: () => {
      if (leaving.current) return;
      commit(text);
      setText(null);
    },
    onKeyDown,
    onPaste,
  };
}

export type Grid = ReturnType<typeof useGridKeys>;
