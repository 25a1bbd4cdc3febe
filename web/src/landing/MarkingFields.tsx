import { Flex, Grid } from "@chakra-ui/react";
import { useState } from "react";
import type { Landing, Schemas } from "../client";
import { NumberField } from "../shared/NumberField";
import { TorqueUnit } from "./TorqueUnit";
import { Segments } from "../ui";

type Marking = Schemas["TorqueMarkingDocument"];
type Form = "none" | "single" | "range";

const formOf = (marking: Marking | null | undefined): Form =>
  !marking ? "none" : (marking.target ?? null) !== null ? "single" : "range";

// What is usually printed: blocks and studs in N·m, the rest in lbf·in.
const usualUnit = (kind: Landing["kind"]) =>
  kind === "screw-clamp-block" || kind === "stud" ? "N·m" : "lbf·in";

/** The torque as it is marked: nothing, one value, or a range. A half-typed marking is kept here until it is whole. */
export function MarkingFields({
  landing,
  onChange,
}: {
  landing: Landing;
  onChange: (landing: Landing) => void;
}) {
  const marking = landing.torqueMarking;
  const [draft, setDraft] = useState<{
    form: Form;
    least: number | null;
    most: number | null;
    unit: string;
  } | null>(null);
  const form = draft?.form ?? formOf(marking);
  const unit = draft?.unit ?? marking?.unit ?? usualUnit(landing.kind);
  const least = draft ? draft.least : (marking?.target ?? marking?.least ?? null);
  const most = draft ? draft.most : (marking?.most ?? null);

  const settle = (next: { form: Form; least: number | null; most: number | null; unit: string }) => {
    const whole =
      next.form === "single"
        ? next.least !== null
        : next.form === "range"
          ? next.least !== null && next.most !== null
          : true;
    setDraft(whole ? null : next);
    if (!whole) return;
    const torqueMarking =
      next.form === "none"
        ? null
        : next.form === "single"
          ? { target: next.least, least: null, most: null, unit: next.unit }
          : { target: null, least: next.least, most: next.most, unit: next.unit };
    onChange({ ...landing, torqueMarking });
  };
  const now = { form, least, most, unit };

  return (
    <Flex direction="column" gap={2}>
      <Segments
        label="Torque marking"
        value={form}
        onChange={(chosen) => settle({ ...now, form: chosen })}
        options={[
          ["none", "No torque marked"],
          ["single", "One value"],
          ["range", "Range"],
        ]}
      />
      {form !== "none" && (
        <Grid templateColumns={form === "range" ? "1fr 1fr auto" : "1fr auto"} gap={2} alignItems="start">
          <NumberField
            label={form === "range" ? "Least torque" : "Torque"}
            value={least}
            onChange={(value) => settle({ ...now, least: value })}
          />
          {form === "range" && (
            <NumberField
              label="Most torque"
              value={most}
              onChange={(value) => settle({ ...now, most: value })}
            />
          )}
          <TorqueUnit id="marking-unit" unit={unit} onChange={(unit) => settle({ ...now, unit })} />
        </Grid>
      )}
    </Flex>
  );
}
