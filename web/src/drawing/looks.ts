import type { Schemas } from "../client";

export type Metal = "copper" | "aluminium";
type Look = { fill: string; stroke?: string; opacity?: number; dash?: boolean };

/** What is coloured as it really is: the wire's insulation, its ferrule's collar. Each is said in print beside it. */
export interface Colours {
  hue?: string | null | undefined;
  stripe?: string | null | undefined;
  collar?: string | null | undefined;
}

/** The colour of an insulation or a collar by the name that the core gives it. */
export const hueOf = (hue: string | null | undefined) =>
  `var(--chakra-colors-draw-hue-${hue?.replace(" ", "-") ?? "unknown"})`;

/** The pattern of a striped insulation, which the drawing defines once. */
export const stripesOf = ({ hue, stripe }: Colours) => `stripes-${hue}-${stripe}`;
const fillOf = (colours: Colours) => (colours.stripe ? `url(#${stripesOf(colours)})` : hueOf(colours.hue));

const token = (name: string) => `var(--chakra-colors-draw-${name})`;

/** How each kind of part is painted: its look, nothing of its shape. */
export function lookOf(kind: Schemas["PartKind"], metal: Metal, colours: Colours = {}): Look {
  switch (kind) {
    case "insulation":
      return colours.hue
        ? { fill: fillOf(colours), stroke: token("steel-edge") }
        : { fill: token("insulation") };
    case "conductor":
      return { fill: token(metal), stroke: token(`${metal}-edge`) };
    case "earth":
      return { fill: hueOf("green"), stroke: token("steel-edge") };
    case "lost-strand":
      return { fill: token("opening"), stroke: token("steel-edge"), dash: true };
    case "strand":
      return { fill: "none", stroke: token(`${metal}-edge`) };
    case "ferrule-collar":
      return {
        fill: colours.collar ? hueOf(colours.collar) : token("collar"),
        stroke: token("steel-edge"),
        opacity: 0.9,
      };
    case "ferrule-pin":
      return { fill: token("tin"), stroke: token("steel-edge"), opacity: 0.9 };
    case "screw-head":
      return { fill: token("steel"), stroke: token("steel-edge"), opacity: 0.42 };
    case "screw-slot":
      return { fill: token("steel-edge"), opacity: 0.75 };
    case "brass-screw":
      return { fill: token("brass"), stroke: token("steel-edge") };
    case "silver-screw":
      return { fill: token("silver"), stroke: token("steel-edge") };
    case "green-screw":
      return { fill: token("green"), stroke: token("steel-edge") };
    case "screw-thread":
      return { fill: token("steel"), stroke: token("steel-edge") };
    case "plate":
      return { fill: token("plate"), stroke: token("steel-edge") };
    case "body":
      return { fill: token("body"), stroke: token("steel-edge") };
    case "opening":
      return { fill: token("opening"), stroke: token("steel-edge") };
    case "spring":
      return { fill: token("spring"), stroke: token("steel-edge") };
    case "lever":
    case "release":
      return { fill: token("lever"), stroke: token("steel-edge"), opacity: 0.92 };
    case "tool":
      return { fill: token("steel"), stroke: token("steel-edge"), opacity: 0.75 };
    case "bridge":
      return { fill: token("copper"), stroke: token("copper-edge") };
    case "contact":
      return { fill: token("tin"), stroke: token("steel-edge") };
    case "lug-metal":
      return { fill: token("tin"), stroke: token("steel-edge") };
    case "crimp":
      return { fill: token("steel-edge"), opacity: 0.38 };
    case "sleeve":
      return { fill: token("collar"), stroke: token("steel-edge"), opacity: 0.62 };
    case "nut":
      return { fill: token("steel"), stroke: token("steel-edge") };
    case "solder":
      return { fill: token("tin"), stroke: token("steel-edge"), opacity: 0.6 };
    case "sealant":
      return { fill: token("sealant"), opacity: 0.5 };
    case "strip-window":
      return { fill: token("window"), stroke: token("window-edge"), dash: true };
    case "bare-showing":
    case "insulation-caught":
      return { fill: token("fault"), stroke: token("fault"), opacity: 0.55 };
    case "direction":
      return { fill: "none", stroke: token("window-edge") };
  }
}
