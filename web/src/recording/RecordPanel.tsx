import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import type { Recipe, Schemas } from "../client";
import { useRemembered } from "../shared/remembered";
import { sayBoth, thin, useUnits } from "../shared/Units";
import { useHouseRules } from "../house/houseRules";
import { useDevices } from "./Devices";
import { Driver } from "./Driver";
import type { useEventRecording } from "./useEventRecording";
import { WrenchFields } from "./WrenchFields";
import { TypedTorque, type TypedTorqueValue } from "./TypedTorque";
import { Button, Panel, PanelTitle, Segments } from "../ui";

export type NewTightening = Schemas["NewTightening"];

interface Props {
  torque: Recipe["torque"];
  holding: Recipe["holding"];
  recording: ReturnType<typeof useEventRecording>;
  /** Records the end as it was tightened; null where that was refused. */
  onRecord: (tightening: NewTightening) => Promise<Schemas["RecordItem"] | null>;
  onDone: (recorded: Schemas["RecordItem"]) => void;
}

/** How it was tightened, by whom, and Done. What is missing is said beside Done. */
export function RecordPanel({ torque, holding, recording, onRecord, onDone }: Props) {
  const { rules } = useHouseRules();
  const { lead } = useUnits();
  const { tools, peak, clearPeak } = useDevices();
  const [chosen, setMethod] = useState<NewTightening["method"]>(
    rules.torqueProof === "by-feel" ? "by-feel" : "reading",
  );
  const method = torque ? chosen : "seated";
  const [typed, setTyped] = useRemembered<TypedTorqueValue>("typed", { value: null, unit: "N·m", tool: "" });
  const [last, setLast] = useState<Schemas["RecordItem"] | null>(null);

  const tightening = tighteningOf(method, peak?.readingId, typed);
  const missing = tightening
    ? null
    : method === "reading"
      ? tools.length > 0
        ? "Turn the driver, or type what it read."
        : "Type the reading and the tool."
      : "Type the setting and the tool.";

  const finish = (recorded: Schemas["RecordItem"]) => {
    setLast(recorded);
    clearPeak();
    setTyped({ ...typed, value: null });
    onDone(recorded);
  };
  // What was refused is shown beside Done, and stays to be sent again.
  const done = async () => {
    const recorded = tightening && (await onRecord(tightening));
    if (recorded) finish(recorded);
  };
  const undo = async (event: Schemas["RecordItem"]) => {
    if (await recording.withdraw(event.id)) setLast(null);
  };

  return (
    <Panel as="section" aria-label={torque ? "Tighten and record" : "Record"}>
      <Flex direction="column" gap={3}>
        <PanelTitle>{torque ? "Tighten and record" : "Record"}</PanelTitle>
        {holding && <Box>{holding.detail} It is recorded as seated.</Box>}
        {torque && (
          <Segments
            label="How it was tightened"
            value={method}
            onChange={setMethod}
            options={[
              ["reading", "Digital reading"],
              ["preset", "Preset clicked"],
              ["by-feel", "By feel"],
            ]}
          />
        )}
        {torque && method === "reading" && <Driver torque={torque} />}
        {method === "reading" && (!peak || tools.length === 0) && (
          <TypedTorque label="Or type the reading" typed={typed} onChange={setTyped} />
        )}
        {torque && method === "preset" && (
          <>
            <TypedTorque label="Set to" typed={typed} onChange={setTyped} />
            <WrenchFields targetNm={torque.target.value} />
          </>
        )}
        {method === "by-feel" && (
          <Box color="caution">
            Recorded as unmeasured, and as out of tolerance: a value is given. What feels tight by hand is
            commonly about {torque?.byHand ? thin(sayBoth(torque.byHand, lead)) : "two thirds"}: short.
          </Box>
        )}
        <Flex gap={3} alignItems="center" flexWrap="wrap">
          <Button
            variant="solid"
            size="lg"
            disabled={missing !== null || recording.busy}
            onClick={() => void done()}
          >
            Done
          </Button>
          <Box role="status" flex={1} minW="160px">
            {recording.error ? (
              <Box color="stop">
                {recording.error.message}{" "}
                {recording.again && (
                  <Button
                    variant="plain"
                    onClick={() => void recording.again?.().then((recorded) => recorded && finish(recorded))}
                  >
                    Send it again
                  </Button>
                )}
              </Box>
            ) : last ? (
              <Box>
                Recorded as event {last.sequence}:{" "}
                {last.state === "landed" ? "landed" : "landed, out of tolerance"}.
                <Button variant="plain" onClick={() => void undo(last)}>
                  Undo
                </Button>
              </Box>
            ) : (
              <Box color="ink.soft">{missing}</Box>
            )}
          </Box>
        </Flex>
      </Flex>
    </Panel>
  );
}

function tighteningOf(
  method: NewTightening["method"],
  readingId: string | undefined,
  typed: TypedTorqueValue,
): NewTightening | null {
  if (method === "by-feel" || method === "seated") return { method };
  if (method === "reading" && readingId) return { method, readingId };
  const tool = typed.tool.trim();
  return typed.value !== null && tool ? { method, value: typed.value, unit: typed.unit, tool } : null;
}
