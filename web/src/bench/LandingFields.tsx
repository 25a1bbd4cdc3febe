import { Grid } from "@chakra-ui/react";
import type { Landing, Schemas } from "../client";
import { Choice } from "../shared/Choice";
import { NumberField } from "./NumberField";

type Printed = Extract<Landing, { stripDepthMm?: number | null }>;
type Kind<K extends Landing["kind"]> = Extract<Landing, { kind: K }>;

interface Props<L> {
  landing: L;
  onChange: (landing: L) => void;
}

/** A row of number fields: the landing's member, what it is called, and what stands there while nobody knows. */
function Numbers<L extends Landing>({
  landing,
  onChange,
  fields,
}: Props<L> & { fields: [keyof L & string, string, string?][] }) {
  return (
    <Grid templateColumns={`repeat(${Math.min(3, fields.length)}, 1fr)`} gap={2} alignItems="end">
      {fields.map(([member, label, placeholder]) => (
        <NumberField
          key={member}
          label={label}
          placeholder={placeholder ?? "typical"}
          value={(landing[member] as number | null | undefined) ?? null}
          onChange={(value) => onChange({ ...landing, [member]: value })}
        />
      ))}
    </Grid>
  );
}

const ferrules: [Schemas["FerruleAcceptance"] & string, string][] = [
  ["allowed", "Ferrule allowed"],
  ["required", "required"],
  ["unnecessary", "not needed"],
  ["forbidden", "forbidden"],
];

/** What is printed on a block or clamp. */
function PrintedFields({ landing, onChange }: Props<Printed>) {
  const mayHaveFerrule = landing.kind !== "back-wire-clamp" && landing.kind !== "back-stab";
  return (
    <>
      <Numbers
        landing={landing}
        onChange={onChange}
        fields={[
          ["leastMm2", "Least, mm²"],
          ["mostMm2", "Most, mm²"],
          ["stripDepthMm", "Strip, mm"],
        ]}
      />
      {mayHaveFerrule && (
        <Choice
          label="Ferrule"
          wrap
          value={landing.ferrule ?? "unsaid"}
          onChange={(ferrule) => onChange({ ...landing, ferrule: ferrule === "unsaid" ? null : ferrule })}
          options={[...ferrules, ["unsaid", "says nothing"]]}
        />
      )}
    </>
  );
}

function LugFields({ landing, onChange }: Props<Kind<"set-screw-lug">>) {
  const drive = landing.drive ?? "hex-socket";
  return (
    <>
      <Choice
        label="How the screw is turned"
        wrap
        value={drive}
        onChange={(chosen) => onChange({ ...landing, drive: chosen })}
        options={[
          ["hex-socket", "Socket"],
          ["slotted", "Slotted"],
          ["hex", "Hex head"],
          ["split-bolt", "Split-bolt"],
        ]}
      />
      {drive === "hex-socket" && (
        <Numbers landing={landing} onChange={onChange} fields={[["acrossFlatsIn", "Across flats, in"]]} />
      )}
      {drive === "slotted" && (
        <Numbers
          landing={landing}
          onChange={onChange}
          fields={[
            ["slotWidthIn", "Slot width, in"],
            ["slotLengthIn", "Slot length, in"],
          ]}
        />
      )}
      <Numbers
        landing={landing}
        onChange={onChange}
        fields={[
          ["leastMm2", "Least, mm²"],
          ["mostMm2", "Most, mm²"],
          ["barrelDepthMm", "Barrel, mm"],
        ]}
      />
    </>
  );
}

/** What can be read off a landing of each kind. */
export function LandingFields({ landing, onChange }: Props<Landing>) {
  switch (landing.kind) {
    case "binding-screw":
      return null;
    case "set-screw-lug":
      return <LugFields landing={landing} onChange={onChange} />;
    case "crimped-lug":
      return (
        <Numbers
          landing={landing}
          onChange={onChange}
          fields={[
            ["boltDiameterIn", "Bolt, in"],
            ["barrelDepthMm", "Barrel, mm"],
          ]}
        />
      );
    case "stud":
      return (
        <Numbers
          landing={landing}
          onChange={onChange}
          fields={[
            ["studDiameterMm", "Stud, mm"],
            ["barrelDepthMm", "Barrel, mm"],
          ]}
        />
      );
    case "insulation-displacement":
      return (
        <>
          <Numbers
            landing={landing}
            onChange={onChange}
            fields={[
              ["leastMm2", "Least, mm²"],
              ["mostMm2", "Most, mm²"],
            ]}
          />
          <Numbers
            landing={landing}
            onChange={onChange}
            fields={[
              ["insulationLeastMm", "Insulation from, mm"],
              ["insulationMostMm", "to, mm"],
            ]}
          />
        </>
      );
    case "plug-screw":
      return (
        <Choice
          label="Screw"
          value={landing.screw ?? "#6"}
          onChange={(screw) => onChange({ ...landing, screw })}
          options={[
            ["#6", "#6"],
            ["#8", "#8"],
            ["#10", "#10"],
          ]}
        />
      );
    case "solder-lug":
      return <Numbers landing={landing} onChange={onChange} fields={[["holeMm", "Eye, mm"]]} />;
    default:
      return <PrintedFields landing={landing} onChange={onChange} />;
  }
}
