import { Box, Grid } from "@chakra-ui/react";
import { useState } from "react";
import { CheckField } from "../shared/CheckField";
import { Action, Field, FieldLabel } from "../shared/Panel";
import { Select } from "../shared/Select";
import type { Wire } from "./jobApi";
import { useChanges } from "./useChanges";

type End = Wire["wire"]["a"];

/** What is known of an end besides its wire and landing: how much is free, how it is found, what ferrule was chosen. */
export function EndFields({ wire, side }: { wire: Wire; side: "a" | "b" }) {
  const { put, error, person, busy } = useChanges();
  const end = wire.wire[side];
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [wrong, setWrong] = useState<string | null>(null);
  const keep = (change: Partial<End>) =>
    put({ ...wire.wire, part: "wire", [side]: { ...end, ...change } }, wire.version).then((kept) => {
      if (kept) setTyped({});
    });
  const number = (name: string) => {
    const text = typed[name];
    return text === undefined ? undefined : text.trim() ? Number(text.replace(",", ".")) : null;
  };
  const save = () => {
    const [free, past, size, pin] = ["free", "past", "size", "pin"].map(number);
    if ([free, past, size, pin].some((value) => Number.isNaN(value))) {
      setWrong("That is no number.");
      return;
    }
    setWrong(null);
    const ferrule = {
      sizeMm2: size === undefined ? (end.ferrule?.sizeMm2 ?? null) : size,
      pinMm: pin === undefined ? (end.ferrule?.pinMm ?? null) : pin,
      collar: end.ferrule?.collar ?? null,
    };
    const given = ferrule.sizeMm2 !== null || ferrule.pinMm !== null;
    void keep({
      freeLengthMm: free === undefined ? (end.freeLengthMm ?? null) : free,
      pastOpeningMm: past === undefined ? (end.pastOpeningMm ?? null) : past,
      ferrule: given ? ferrule : null,
      saidBare: given ? false : (end.saidBare ?? false),
    });
  };
  const line = (name: string, label: string, value: number | null | undefined) => (
    <Box>
      <FieldLabel htmlFor={`end-${name}`}>{label}</FieldLabel>
      <Field
        id={`end-${name}`}
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
      <Grid templateColumns={{ base: "1fr 1fr", md: "repeat(4, 1fr)" }} gap={2}>
        {line("free", "Free length, mm", end.freeLengthMm)}
        {line("past", "Past the opening, mm", end.pastOpeningMm)}
        {line("size", "Ferrule chosen, mm²", end.ferrule?.sizeMm2)}
        {line("pin", "Its pin, mm", end.ferrule?.pinMm)}
      </Grid>
      <Grid templateColumns={{ base: "1fr", md: "1fr 1fr auto" }} gap={2} mt={2} alignItems="end">
        <Select
          label="How it is found"
          value={end.condition ?? "fresh"}
          onChange={(condition) => void keep({ condition })}
          options={[
            ["fresh", "freshly cut"],
            ["used-hook", "a hook used before"],
            ["tinned", "tinned"],
            ["ringed", "ringed by a stripper"],
          ]}
        />
        <CheckField checked={end.elsewhere ?? false} onChange={(elsewhere) => void keep({ elsewhere })}>
          Goes on out of this job
        </CheckField>
        <Action disabled={!person || busy || Object.keys(typed).length === 0} onClick={save}>
          {person ? "Keep" : "Type your name first"}
        </Action>
      </Grid>
      <Box role="alert" color="stop">
        {wrong ?? error}
      </Box>
    </Box>
  );
}
