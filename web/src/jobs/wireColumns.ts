import type { Schemas } from "../client";
import type { Wire } from "../job/jobApi";

export type TypedField = Exclude<
  keyof Schemas["TypedWire"],
  "wireId" | "version" | "fromLanding" | "toLanding"
>;

/** The columns of the list that somebody types into, in the order of the hand. */
export const wireColumns: {
  field: TypedField;
  name: string;
  width: number;
  hint: string;
  of: (wire: Wire) => string;
}[] = [
  { field: "name", name: "Wire", width: 84, hint: "12", of: (wire) => wire.wire.name },
  { field: "from", name: "From", width: 130, hint: "DCP/X1:5", of: (wire) => wire.from },
  { field: "to", name: "To", width: 130, hint: "LP/X2:1", of: (wire) => wire.to },
  { field: "size", name: "Size", width: 92, hint: "14, 2.5", of: (wire) => wire.size },
  { field: "type", name: "Type", width: 168, hint: "solid", of: (wire) => wire.type },
  { field: "colour", name: "Colour", width: 150, hint: "BK", of: (wire) => wire.wire.colour ?? "" },
  {
    field: "function",
    name: "Function",
    width: 110,
    hint: "line",
    of: (wire) => wire.function,
  },
  { field: "circuit", name: "Circuit", width: 90, hint: "5", of: (wire) => wire.circuit },
  { field: "length", name: "Length", width: 84, hint: "3.2 m", of: (wire) => wire.length?.metric ?? "" },
  { field: "run", name: "Run", width: 110, hint: "Conduit 4", of: (wire) => wire.run },
];
