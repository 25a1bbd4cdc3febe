import { Flex, Grid } from "@chakra-ui/react";
import { Checkbox, Disclosure, Panel, PanelTitle, Segments, Select } from "../ui";
import type { AboutEnd, Pair } from "../shared/pair";
import { EntryFields } from "./EntryFields";
import { NumberField } from "../shared/NumberField";

const conditions = {
  fresh: "Fresh end",
  "used-hook": "used hook",
  ringed: "ringed",
  tinned: "tinned",
} as const;

interface Props {
  about: AboutEnd;
  tell: (more: AboutEnd) => void;
}

/** What else is known of the end in the hand: nothing here needs an answer, and each part opens where it is asked. */
export function AboutEndFields({ pair, onChange }: { pair: Pair; onChange: (pair: Pair) => void }) {
  const about = pair.about ?? {};
  const tell = (more: AboutEnd) => onChange({ ...pair, about: { ...about, ...more } });
  const { condition, entry } = about;
  return (
    <Panel as="section" aria-label="The end in the hand">
      <PanelTitle>This end</PanelTitle>
      <Checkbox
        checked={!!pair.second}
        onChange={(two) => onChange({ ...pair, second: two ? pair.conductor : null })}
      >
        Two wires in this landing
      </Checkbox>
      <Disclosure
        label={condition && condition !== "fresh" ? `Used end: ${conditions[condition]}` : "Used end"}
        defaultOpen={condition !== undefined && condition !== null && condition !== "fresh"}
      >
        <Segments
          label="Conductor condition"
          value={condition ?? "fresh"}
          onChange={(found) => tell({ condition: found })}
          options={(Object.keys(conditions) as (keyof typeof conditions)[]).map((key) => [
            key,
            conditions[key],
          ])}
        />
      </Disclosure>
      <Disclosure
        label={entry ? `Cable: jacket ${entry.jacketOuterDiameterMm} mm` : "From a cable or cord"}
        defaultOpen={!!entry}
      >
        <EntryFields entry={entry ?? null} onChange={(next) => tell({ entry: next })} />
      </Disclosure>
      <Disclosure
        label={about.circuitAmps ? `Circuit ${about.circuitAmps} A` : "Circuit"}
        defaultOpen={!!about.circuitAmps || !!about.feedsReceptacles}
      >
        <CircuitFields about={about} tell={tell} />
      </Disclosure>
      <Disclosure label="Ferrule kit and crimp">
        <FerruleFields about={about} tell={tell} />
      </Disclosure>
      <Disclosure label="Who makes it, how many, with what">
        <WorkFields about={about} tell={tell} />
      </Disclosure>
    </Panel>
  );
}

const CircuitFields = ({ about, tell }: Props) => (
  <Flex direction="column" gap={1}>
    <NumberField
      label="Breaker, A"
      value={about.circuitAmps ?? null}
      placeholder="not said"
      onChange={(circuitAmps) => tell({ circuitAmps })}
    />
    <Checkbox
      checked={about.feedsReceptacles ?? false}
      onChange={(feedsReceptacles) => tell({ feedsReceptacles })}
    >
      It feeds several receptacles
    </Checkbox>
    <Select
      label="Made dead at"
      value={about.isolation ?? ""}
      onChange={(isolation) => tell({ isolation: isolation || null })}
      options={[
        ["", "not said"],
        ["building", "its breaker"],
        ["cord", "its plug"],
        ["transformer", "its transformer"],
        ["machine", "the machine’s disconnect"],
        ["none", "it is not connected yet"],
      ]}
    />
  </Flex>
);

const FerruleFields = ({ about, tell }: Props) => (
  <Flex direction="column" gap={2}>
    <NumberField
      label="Size on the kit’s label, mm²"
      value={about.ferruleLabelMm2 ?? null}
      placeholder="by area"
      onChange={(ferruleLabelMm2) => tell({ ferruleLabelMm2 })}
    />
    <Segments
      label="Shape of the crimp"
      value={about.crimpShape ?? "unsaid"}
      onChange={(shape) => tell({ crimpShape: shape === "unsaid" ? null : shape })}
      options={[
        ["unsaid", "Crimp: any"],
        ["square", "square"],
        ["trapezoid", "trapezoid"],
        ["hexagonal", "hexagonal"],
        ["alternating-flats", "flats"],
      ]}
    />
  </Flex>
);

const WorkFields = ({ about, tell }: Props) => (
  <Flex direction="column" gap={1}>
    <Grid templateColumns="1fr 1fr" gap={2} alignItems="end">
      <Select
        label="Stripped with"
        value={about.strippingTool ?? ""}
        onChange={(tool) => tell({ strippingTool: tool || null })}
        options={[
          ["", "not said"],
          ["hole", "a stripper’s hole"],
          ["automatic", "an automatic stripper"],
          ["rotary", "a rotary stripper"],
          ["knife", "a knife"],
        ]}
      />
      <NumberField
        label="Ends alike"
        value={about.alike ?? null}
        placeholder="this one"
        onChange={(alike) => tell({ alike: alike ?? 1 })}
      />
    </Grid>
    <Checkbox checked={about.byApprentice ?? false} onChange={(byApprentice) => tell({ byApprentice })}>
      An apprentice makes it
    </Checkbox>
  </Flex>
);
