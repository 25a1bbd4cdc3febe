import { Flex } from "@chakra-ui/react";
import type { Landing } from "../client";
import { Checkbox, Segments } from "../ui";

const hasMetals = new Set<Landing["kind"]>([
  "binding-screw",
  "back-wire-clamp",
  "screw-clamp-block",
  "set-screw-lug",
  "crimped-lug",
]);

/** What else a landing is marked for; without a mark it is taken as one copper conductor at the lower temperature. */
export function MarkedFor({ landing, onChange }: { landing: Landing; onChange: (landing: Landing) => void }) {
  return (
    <Flex direction="column" gap={1}>
      {hasMetals.has(landing.kind) && (
        <Checkbox
          checked={landing.metals?.includes("aluminium") ?? false}
          onChange={(marked) => onChange({ ...landing, metals: marked ? ["copper", "aluminium"] : null })}
        >
          Marked for aluminium (AL, CU-AL)
        </Checkbox>
      )}
      {landing.kind === "binding-screw" && (
        <Checkbox checked={landing.coAlr ?? false} onChange={(coAlr) => onChange({ ...landing, coAlr })}>
          Marked CO/ALR
        </Checkbox>
      )}
      <Checkbox
        checked={landing.takesTwo ?? landing.kind === "back-wire-clamp"}
        onChange={(takesTwo) => onChange({ ...landing, takesTwo })}
      >
        Marked for two wires
      </Checkbox>
      <Checkbox
        checked={landing.visible === false}
        onChange={(hidden) => onChange({ ...landing, visible: hidden ? false : null })}
      >
        Cannot be seen once it is fitted
      </Checkbox>
      <Checkbox
        checked={landing.accessible === false}
        onChange={(closed) => onChange({ ...landing, accessible: closed ? false : null })}
      >
        A meter’s tip does not reach its metal
      </Checkbox>
      <Segments
        label="Temperature marked on the terminals"
        value={String(landing.temperatureC ?? "none")}
        onChange={(temperature) =>
          onChange({ ...landing, temperatureC: temperature === "none" ? null : Number(temperature) })
        }
        options={[
          ["none", "No °C"],
          ["60", "60"],
          ["75", "75"],
          ["90", "90"],
        ]}
      />
    </Flex>
  );
}
