import { Grid } from "@chakra-ui/react";
import type { Landing, Schemas } from "../client";
import { NumberField } from "../shared/NumberField";
import { Checkbox, Segments, Select } from "../ui";

interface Props<L> {
  landing: L;
  onChange: (landing: L) => void;
}

const range: [string, string][] = [
  ["leastMm2", "Least, mm²"],
  ["mostMm2", "Most, mm²"],
];
const printed: [string, string][][] = [
  [...range, ["stripDepthMm", "Strip, mm"]],
  [
    ["openingMm", "Opening, mm"],
    ["pitchMm", "Pitch, mm"],
  ],
];
/** What has no usual value to stand in for it. */
const unsaid = new Set(["openingMm", "pitchMm"]);
const lug: [string, string][] = [...range, ["barrelDepthMm", "Barrel, mm"]];

/** Numbers that can be read off a landing of each kind, row by row: the member, and what it is called. */
const numbers: Record<Landing["kind"], [string, string][][]> = {
  "binding-screw": [],
  "back-wire-clamp": printed,
  "back-stab": printed,
  lever: printed,
  "screw-clamp-block": printed,
  "spring-cage-block": printed,
  "push-in-block": printed,
  "deep-push-in": printed,
  "insulation-displacement": [
    range,
    [
      ["insulationLeastMm", "Insulation from, mm"],
      ["insulationMostMm", "to, mm"],
    ],
  ],
  stud: [
    [
      ["studDiameterMm", "Stud, mm"],
      ["barrelDepthMm", "Barrel, mm"],
    ],
  ],
  "set-screw-lug": [lug],
  "crimped-lug": [
    [
      ["boltDiameterIn", "Bolt, in"],
      ["barrelDepthMm", "Barrel, mm"],
    ],
  ],
  "plug-screw": [],
  "solder-lug": [[["holeMm", "Eye, mm"]]],
};

const slot: [string, string][] = [
  ["slotWidthIn", "Slot width, in"],
  ["slotLengthIn", "Slot length, in"],
];
const socket: [string, string][] = [["acrossFlatsIn", "Across flats, in"]];

/** What can be read off a landing. */
export function LandingFields({ landing, onChange }: Props<Landing>) {
  return (
    <>
      {landing.kind === "set-screw-lug" && <DriveFields landing={landing} onChange={onChange} />}
      {landing.kind === "binding-screw" && (
        <Select
          label="The screw is on"
          value={landing.on ?? ""}
          onChange={(on) => onChange({ ...landing, on: on || null })}
          options={[
            ["", "not said"],
            ["receptacle", "a receptacle"],
            ["switch", "a switch"],
            ["control-device", "a control device"],
            ["lampholder", "a lampholder"],
          ]}
        />
      )}
      {landing.kind === "stud" && <StudFields landing={landing} onChange={onChange} />}
      {landing.kind === "plug-screw" && (
        <Segments
          label="Screw"
          value={landing.screw ?? "#6"}
          onChange={(screw) => onChange({ ...landing, screw })}
          options={[
            ["#6", "#6"],
            ["#8", "#8"],
            ["#10", "#10"],
          ]}
        />
      )}
      {numbers[landing.kind].map((row, i) => (
        <Numbers key={i} row={row} landing={landing} onChange={onChange} />
      ))}
      {isPrinted(landing) && <FerruleField landing={landing} onChange={onChange} />}
    </>
  );
}

function Numbers({ row, landing, onChange }: Props<Landing> & { row: [string, string][] }) {
  const values = landing as unknown as Record<string, number | null | undefined>;
  return (
    <Grid templateColumns={`repeat(${row.length}, 1fr)`} gap={2} alignItems="end">
      {row.map(([member, label]) => (
        <NumberField
          key={member}
          label={label}
          placeholder={unsaid.has(member) ? "not measured" : "typical"}
          value={values[member] ?? null}
          onChange={(value) => onChange({ ...landing, [member]: value })}
        />
      ))}
    </Grid>
  );
}

type Printed = Extract<Landing, { stripDepthMm?: number | null }>;
const isPrinted = (landing: Landing): landing is Printed => numbers[landing.kind] === printed;

const ferrules: [Schemas["FerruleAcceptance"] & string, string][] = [
  ["allowed", "Ferrule allowed"],
  ["required", "required"],
  ["unnecessary", "not needed"],
  ["forbidden", "forbidden"],
];

/** What it says about ferrules; a device's clamp and hole take none at all. */
function FerruleField({ landing, onChange }: { landing: Printed; onChange: (landing: Landing) => void }) {
  if (landing.kind === "back-wire-clamp" || landing.kind === "back-stab") return null;
  return (
    <Segments
      label="Ferrule"
      value={landing.ferrule ?? "unsaid"}
      onChange={(ferrule) => onChange({ ...landing, ferrule: ferrule === "unsaid" ? null : ferrule })}
      options={[...ferrules, ["unsaid", "says nothing"]]}
    />
  );
}

/** A post with a nut, or a screw of a block that a ring goes under. */
function StudFields({
  landing,
  onChange,
}: {
  landing: Extract<Landing, { kind: "stud" }>;
  onChange: (landing: Landing) => void;
}) {
  return (
    <>
      <Select
        label="Size by the gauge"
        value={landing.screw ?? ""}
        onChange={(screw) =>
          onChange({
            ...landing,
            screw: screw || null,
            ...(screw && { studDiameterMm: null }),
          })
        }
        options={[
          ["", "metric, below"],
          ["#6", "#6"],
          ["#8", "#8"],
          ["#10", "#10"],
        ]}
      />
      <Select
        label="Held down by"
        value={landing.hold ?? ""}
        onChange={(hold) => onChange({ ...landing, hold: hold || null })}
        options={[
          ["", "what is usual for it"],
          ["nut", "a nut"],
          ["slotted-nut", "a slotted nut"],
          ["screw", "a screw in the block"],
          ["lever", "a lever"],
        ]}
      />
    </>
  );
}

/** How a lug's screw is turned, and what the tables ask of such a screw. */
function DriveFields({
  landing,
  onChange,
}: {
  landing: Extract<Landing, { kind: "set-screw-lug" }>;
  onChange: (landing: Landing) => void;
}) {
  const drive = landing.drive ?? "hex-socket";
  return (
    <>
      <Segments
        label="How the screw is turned"
        value={drive}
        onChange={(chosen) => onChange({ ...landing, drive: chosen })}
        options={[
          ["hex-socket", "Socket"],
          ["slotted", "Slotted"],
          ["hex", "Hex head"],
          ["split-bolt", "Split-bolt"],
        ]}
      />
      {drive === "hex-socket" && <Numbers row={socket} landing={landing} onChange={onChange} />}
      {drive === "slotted" && <Numbers row={slot} landing={landing} onChange={onChange} />}
      {drive === "slotted" && landing.slotLengthIn != null && (
        <Checkbox
          checked={landing.smallerThanNumber10 ?? false}
          onChange={(smallerThanNumber10) => onChange({ ...landing, smallerThanNumber10 })}
        >
          Smaller than #10
        </Checkbox>
      )}
    </>
  );
}
