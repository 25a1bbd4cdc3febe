import { Grid } from "@chakra-ui/react";
import { useState } from "react";
import { Alert, Button, TextField } from "../ui";
import { jobApi, type Wire } from "../job/jobApi";
import { useChanges } from "../job/useChanges";
import { wireColumns, type TypedField } from "./wireColumns";

/** A wire as fields: what the list has as cells, read by the same words. What was refused stays as it was typed. */
export function WireForm({
  job,
  enclosure,
  wire,
  onSaved,
}: {
  job: string;
  /** Where a landing without one is. */
  enclosure: string;
  /** Null makes a new one. */
  wire: Wire | null;
  onSaved: () => void;
}) {
  const { send, busy, error } = useChanges();
  const [typed, setTyped] = useState<Partial<Record<TypedField, string>>>({});
  const isSaid = Object.keys(typed).length > 0;
  const save = async () => {
    const row = wire ? { wireId: wire.wire.id, version: wire.version, ...typed } : typed;
    const done = await send((id) => jobApi.typeWires(job, { id, rows: [row], enclosure }));
    if (!done) return;
    setTyped({});
    onSaved();
  };
  return (
    <>
      <Grid templateColumns="repeat(auto-fit, minmax(130px, 1fr))" gap={2} mb={3}>
        {wireColumns.map(({ field, name, hint, of }) => (
          <TextField
            key={field}
            id={`wire-${field}`}
            label={name}
            placeholder={hint}
            maxLength={200}
            value={typed[field] ?? (wire ? of(wire) : "")}
            onChange={(event) => setTyped({ ...typed, [field]: event.target.value })}
            onKeyDown={(event) => event.key === "Enter" && isSaid && void save()}
          />
        ))}
      </Grid>
      {isSaid && error && <Alert status="error">{error}</Alert>}
      <Button
        variant={wire ? "outline" : "solid"}
        missing={!wire && !typed.name?.trim() && "Name the wire."}
        disabled={busy || !isSaid}
        onClick={() => void save()}
      >
        Save wire
      </Button>
    </>
  );
}
