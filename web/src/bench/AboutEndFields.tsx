import { Flex, Grid } from "@chakra-ui/react";
import { Choice } from "../shared/Choice";
import { CheckField } from "../shared/CheckField";
import { Select } from "../shared/Select";
import type { Pair } from "./benchState";
import { EntryFields } from "./EntryFields";
import { NumberField } from "./NumberField";

/** What else is known of the end in the hand. Nothing here needs an answer. */
export function AboutEndFields({ pair, onChange }: { pair: Pair; onChange: (pair: Pair) => void }) {
  const about = pair.about ?? {};
  const tell = (more: Partial<typeof about>) => onChange({ ...pair, about: { ...about, ...more } });
  return (
    <Flex direction="column" gap={2}>
      <Choice
        label="How the end is found"
        wrap
        value={about.condition ?? "fresh"}
        onChange={(condition) => tell({ condition })}
        options={[
          ["fresh", "Fresh end"],
          ["used-hook", "used hook"],
          ["ringed", "ringed"],
          ["tinned", "tinned"],
        ]}
      />
      <CheckField
        checked={!!pair.second}
        onChange={(two) => onChange({ ...pair, second: two ? pair.conductor : null })}
      >
        A second wire like it, in the same landing
      </CheckField>
      <Grid templateColumns="1fr 1fr" gap={2}>
        <NumberField
          label="Circuit, A"
          value={about.circuitAmps ?? null}
          placeholder="not said"
          onChange={(circuitAmps) => tell({ circuitAmps })}
        />
        <NumberField
          label="Kit label, mm²"
          value={about.ferruleLabelMm2 ?? null}
          placeholder="by area"
          onChange={(ferruleLabelMm2) => tell({ ferruleLabelMm2 })}
        />
      </Grid>
      <EntryFields entry={about.entry ?? null} onChange={(entry) => tell({ entry })} />
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
        <NumberField
          label="Ends alike"
          value={about.alike ?? null}
          placeholder="this one"
          onChange={(alike) => tell({ alike: alike ?? 1 })}
        />
      </Grid>
      <CheckField checked={about.byApprentice ?? false} onChange={(byApprentice) => tell({ byApprentice })}>
        An apprentice makes it
      </CheckField>
      <CheckField
        checked={about.feedsReceptacles ?? false}
        onChange={(feedsReceptacles) => tell({ feedsReceptacles })}
      >
        The circuit feeds several receptacles
      </CheckField>
      <Choice
        label="Shape of the crimp"
        wrap
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
}
