import { Box, Grid } from "@chakra-ui/react";
import { useEffect, useRef, useState } from "react";
import { readDecimal } from "../shared/decimal";
import { CableChoice } from "./CableChoice";
import { FoundFields } from "./FoundFields";
import { useInTurn } from "../shared/useInTurn";
import type { Wire } from "./jobApi";
import { useChanges } from "./useChanges";
import { Button, Checkbox, ErrorMessage, Select, TextField } from "../ui";

type End = Wire["wire"]["a"];

/** What is known of an end besides its wire and landing: how much is free, how it is found, what ferrule was chosen. */
export function EndFields({ job, wire, side }: { job: string; wire: Wire; side: "a" | "b" }) {
  const { put, error, busy } = useChanges();
  const end = wire.wire[side];
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [wrong, setWrong] = useState<string | null>(null);
  // One after the other, each on top of the one before: two quick taps are not in conflict with each other.
  const latest = useRef(wire);
  const inTurn = useInTurn(`end of ${wire.wire.id}`);
  useEffect(() => {
    latest.current = wire;
  }, [wire]);
  const keep = (change: (end: End) => Partial<End>) =>
    keepWire((before) => ({ [side]: { ...before[side], ...change(before[side]) } }));
  const keepWire = (change: (wire: Wire["wire"]) => Partial<Wire["wire"]>) => {
    void inTurn(async () => {
      const { wire: before, version } = latest.current;
      const after = { ...before, ...change(before) };
      const done = await put({ ...after, part: "wire" }, version);
      if (!done) return;
      const kept = done.changed.find(({ id }) => id === after.id)?.version ?? version;
      latest.current = { ...latest.current, wire: after, version: kept };
      setTyped({});
    });
  };
  const number = (name: string) => {
    const text = typed[name];
    return text === undefined ? undefined : (readDecimal(text) ?? (text.trim() ? NaN : null));
  };
  const save = () => {
    const [free, past, size, pin] = ["free", "past", "size", "pin"].map(number);
    if ([free, past, size, pin].some((value) => Number.isNaN(value))) {
      setWrong("That is no number.");
      return;
    }
    setWrong(null);
    keep((before) => {
      const ferrule = {
        sizeMm2: size === undefined ? (before.ferrule?.sizeMm2 ?? null) : size,
        pinMm: pin === undefined ? (before.ferrule?.pinMm ?? null) : pin,
        collar: before.ferrule?.collar ?? null,
      };
      const given = Object.values(ferrule).some((value) => value !== null);
      return {
        freeLengthMm: free === undefined ? (before.freeLengthMm ?? null) : free,
        pastOpeningMm: past === undefined ? (before.pastOpeningMm ?? null) : past,
        ferrule: given ? ferrule : null,
        saidBare: given ? false : (before.saidBare ?? false),
      };
    });
  };
  const line = (name: string, label: string, value: number | null | undefined) => (
    <Box>
      <TextField
        id={`end-${name}`}
        label={label}
        inputMode="decimal"
        autoComplete="off"
        maxLength={10}
        value={typed[name] ?? String(value ?? "")}
        onChange={(event) => setTyped({ ...typed, [name]: event.target.value })}
        onKeyDown={(event) => event.key === "Enter" && save()}
      />
    </Box>
  );
  return (
    <Box as="fieldset" mt={3}>
      <Box as="legend" fontWeight={700}>
        About this end
      </Box>
      <Grid templateColumns="repeat(auto-fit, minmax(150px, 1fr))" gap={2}>
        {line("free", "Free length, mm", end.freeLengthMm)}
        {line("past", "Past the opening, mm", end.pastOpeningMm)}
        {line("size", "Ferrule chosen, mm²", end.ferrule?.sizeMm2)}
        {line("pin", "Its pin, mm", end.ferrule?.pinMm)}
      </Grid>
      <Grid templateColumns="repeat(auto-fit, minmax(190px, 1fr))" gap={2} mt={2} alignItems="end">
        <EndChoices end={end} keep={keep} />
        <CableChoice job={job} wire={wire.wire} keep={keepWire} />
        <Button disabled={busy || Object.keys(typed).length === 0} onClick={save}>
          Save
        </Button>
      </Grid>
      <FoundFields
        found={end.found ?? null}
        onChange={(change) => keep(({ found }) => ({ found: change(found ?? null) }))}
      />
      <ErrorMessage of={wrong ?? error} />
    </Box>
  );
}

/** What is chosen of an end, each kept at once. */
function EndChoices({ end, keep }: { end: End; keep: (change: (end: End) => Partial<End>) => void }) {
  return (
    <>
      <Select
        label="Conductor condition"
        value={end.condition ?? "fresh"}
        onChange={(condition) => keep(() => ({ condition }))}
        options={[
          ["fresh", "freshly cut"],
          ["used-hook", "a hook used before"],
          ["tinned", "tinned"],
          ["ringed", "ringed by a stripper"],
        ]}
      />
      <Select
        label="The ferrule’s collar"
        value={end.ferrule?.collar ?? ""}
        onChange={(collar) =>
          keep(({ ferrule }) => {
            const given = { sizeMm2: ferrule?.sizeMm2 ?? null, pinMm: ferrule?.pinMm ?? null };
            const any = Boolean(collar) || given.sizeMm2 !== null || given.pinMm !== null;
            return { ferrule: any ? { ...given, collar: collar || null } : null, saidBare: false };
          })
        }
        options={[
          ["", "not said"],
          ["standard", "usual"],
          ["large", "large, for thick insulation"],
          ["none", "none: a bare sleeve"],
        ]}
      />
      <Select
        label="Its crimp"
        value={end.crimpShape ?? ""}
        onChange={(shape) => keep(() => ({ crimpShape: shape || null }))}
        options={[
          ["", "not said"],
          ["square", "square, four sides"],
          ["trapezoid", "trapezoid, from one side"],
          ["hexagonal", "six sides"],
          ["alternating-flats", "alternating flats"],
        ]}
      />
      <Checkbox checked={end.elsewhere ?? false} onChange={(elsewhere) => keep(() => ({ elsewhere }))}>
        Goes on out of this job
      </Checkbox>
    </>
  );
}
