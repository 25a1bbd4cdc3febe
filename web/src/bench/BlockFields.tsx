import { Grid } from "@chakra-ui/react";
import type { Landing } from "../client";
import { Choice } from "../shared/Choice";
import { NumberField } from "./NumberField";

type Block = Extract<Landing, { kind: "screw-clamp-block" }>;

/** What is printed on a block. */
export function BlockFields({ block, onChange }: { block: Block; onChange: (block: Block) => void }) {
  return (
    <>
      <Grid templateColumns="repeat(3, 1fr)" gap={2}>
        <NumberField
          label="Least, mm²"
          value={block.leastMm2 ?? null}
          onChange={(leastMm2) => onChange({ ...block, leastMm2 })}
        />
        <NumberField
          label="Most, mm²"
          value={block.mostMm2 ?? null}
          onChange={(mostMm2) => onChange({ ...block, mostMm2 })}
        />
        <NumberField
          label="Strip, mm"
          value={block.stripDepthMm ?? null}
          placeholder="typical"
          onChange={(stripDepthMm) => onChange({ ...block, stripDepthMm })}
        />
      </Grid>
      <Choice
        label="Ferrule"
        value={block.ferrule ?? "allowed"}
        onChange={(ferrule) => onChange({ ...block, ferrule })}
        options={[
          ["allowed", "Ferrule allowed"],
          ["required", "required"],
          ["forbidden", "forbidden"],
        ]}
      />
    </>
  );
}
