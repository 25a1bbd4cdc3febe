import { currents, deviceTypes, type DeviceType } from "../shared/deviceTypes";
import { bridgeForms } from "./bridges";
import type { PartField } from "./PartForm";

/** The fields of each part, in the order in which a person knows them. */
export const enclosureFields: PartField[] = [
  { name: "name", label: "Name", kind: "text" },
  {
    name: "form",
    label: "What it is",
    kind: "choice",
    options: [
      ["panel", "panel"],
      ["box", "box"],
      ["device-plate", "device plate"],
      ["machine", "machine"],
    ],
  },
  { name: "drawing", label: "Drawing", kind: "text" },
  { name: "revision", label: "Its revision", kind: "text" },
  { name: "openingMm", label: "Smallest opening", kind: "number", unit: "mm" },
  {
    name: "place",
    label: "Where it is",
    kind: "choice",
    options: [
      ["dry", "dry"],
      ["damp", "damp"],
      ["wet", "wet"],
      ["buried", "in the ground"],
    ],
  },
  { name: "volumeIn3", label: "Volume marked in it", kind: "number", unit: "in³" },
];

const tab: [string, string][] = [
  ["intact", "intact"],
  ["removed", "broken off"],
];

const of =
  (...types: DeviceType[]) =>
  ({ type }: { type?: unknown }) =>
    types.includes(type as DeviceType);

const receptacle = of("receptacle", "ground-fault-receptacle");
const supply = of("power-supply", "transformer");
const rated = of("load", "contactor", "relay", "power-supply", "transformer", "motor");

export const deviceFields: PartField[] = [
  { name: "name", label: "Name", kind: "text" },
  { name: "type", label: "What it is", kind: "choice", options: Object.entries(deviceTypes) },
  { name: "ratingAmps", label: "Rating", kind: "number", unit: "A" },
  { name: "pluggedAmps", label: "Largest load plugged in", kind: "number", unit: "A", only: receptacle },
  { name: "outlets", label: "Plugs it takes", kind: "number", only: receptacle },
  { name: "hotTab", label: "Line tab", kind: "choice", options: tab, only: receptacle },
  { name: "neutralTab", label: "Neutral tab", kind: "choice", options: tab, only: receptacle },
  { name: "tiedTo", label: "Handle tied to breaker", kind: "text", only: of("breaker") },
  { name: "ratedVolts", label: "Made for", kind: "number", unit: "V", only: rated },
  {
    name: "ratedCurrent",
    label: "Of what current",
    kind: "choice",
    options: Object.entries(currents),
    only: rated,
  },
  { name: "givesVolts", label: "Gives", kind: "number", unit: "V", only: supply },
];

export const landingFields: PartField[] = [
  { name: "name", label: "Name", kind: "text" },
  {
    name: "identity",
    label: "What it is for",
    kind: "choice",
    options: [
      ["none", "not marked"],
      ["brass", "brass: line"],
      ["silver", "silver: neutral"],
      ["green", "green: earth"],
      ["line1", "L1: line"],
      ["line2", "L2: second line"],
      ["line3", "L3: third line"],
      ["neutral", "N: neutral"],
      ["earth", "PE: earth"],
    ],
  },
  {
    name: "side",
    label: "Side",
    kind: "choice",
    options: [
      ["none", "no sides"],
      ["line", "LINE"],
      ["load", "LOAD"],
    ],
  },
  {
    name: "half",
    label: "Half",
    kind: "choice",
    options: [
      ["none", "no halves"],
      ["upper", "upper"],
      ["lower", "lower"],
    ],
  },
  { name: "spare", label: "Left free on purpose", kind: "check" },
];

export const circuitFields = (others: [string, string][]): PartField[] => [
  { name: "name", label: "Name or number", kind: "text" },
  { name: "volts", label: "Voltage", kind: "number", unit: "V" },
  { name: "ocpdAmps", label: "Breaker or fuse", kind: "number", unit: "A" },
  { name: "loadAmps", label: "Load", kind: "number", unit: "A" },
  { name: "phases", label: "Phases, 1 or 3", kind: "number" },
  {
    name: "method",
    label: "Wired as",
    kind: "choice",
    options: [
      ["", "not said"],
      ["raceway", "wires in a raceway"],
      ["nm-cable", "sheathed cable (60 °C)"],
      ["cord", "cord"],
      ["machine-wiring", "machine wiring"],
    ],
  },
  {
    name: "sharesNeutralWith",
    label: "Shares its neutral with",
    kind: "choice",
    options: [["", "none"], ...others],
    names: true,
  },
  { name: "continuous", label: "Runs for three hours or more", kind: "check" },
];

export const bridgeFields: PartField[] = [
  { name: "form", label: "What it is", kind: "choice", options: Object.entries(bridgeForms) },
  { name: "ratingAmps", label: "Rating", kind: "number", unit: "A" },
];

/** What a value of any part is called on the screen. */
export const fieldWord = (name: string): string =>
  words.get(name) ?? name.replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`);

const words = new Map([
  ...[enclosureFields, deviceFields, landingFields, circuitFields([])]
    .flat()
    .map(({ name, label }): [string, string] => [name, label]),
  ["colour", "Colour"],
  ["function", "Function"],
  ["lengthMm", "Length, mm"],
  ["run", "Run"],
  ["note", "Note"],
  ["landings", "Terminals"],
  ["count", "Conductors"],
  ["saidCord", "A flexible cord"],
  ["jacketDiameterMm", "Over its jacket, mm"],
  ["reaches", "Clamp to furthest terminal"],
  ["twinSide", "Its side"],
]);
