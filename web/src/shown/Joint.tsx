import { Box, Flex } from "@chakra-ui/react";
import { ReasonsFolded } from "./ReasonsFolded";
import { VerdictLine } from "./Verdict";
import { Steps } from "./Steps";
import type { Schemas } from "../client";
import type { Metal } from "../drawing/looks";
import { SceneView } from "../drawing/SceneView";
import { inOrder, sayBoth, thin, useUnits } from "../shared/Units";
import { Panel, PanelTitle } from "../ui";

/** A joint as it will look, with its numbers, its findings, its order of steps, and what would pull it apart. */
export function Joint({ joint, metal }: { joint: Schemas["SpliceDocument"]; metal: Metal }) {
  const { lead } = useUnits();
  const [first, second] = joint.strip ? inOrder(joint.strip.target, lead) : ["none", ""];
  return (
    <>
      <Panel as="section" aria-label="The joint" data-verdict={joint.verdict}>
        <Box fontWeight={700} mb={2}>
          {thin(joint.says)}
        </Box>
        <VerdictLine recipe={joint} />
        <SceneView scene={joint.scene} metal={metal} height="230px" />
        <Flex gap={2} flexWrap="wrap" mt={2}>
          <Number label="STRIP" large={thin(first ?? "")} small={thin(second ?? "")} />
          <Number
            label="PREPARE"
            large={thin(joint.prepare.split(",")[0] ?? "")}
            small={thin(
              joint.trim
                ? `trim to ${sayBoth(joint.trim, lead)}`
                : joint.prepare.split(",").slice(1).join(","),
            )}
          />
          <Number
            label="SEAL"
            large={joint.tube ? thin(joint.tube.replace(/^the /, "")) : joint.seal ? "" : "not needed"}
            small={thin(joint.seal ?? "in a dry place")}
          />
        </Flex>
      </Panel>
      {joint.steps.length > 0 && <Steps recipe={joint} />}
      <Panel as="section" aria-label="What would pull it apart">
        <PanelTitle>What would pull it apart</PanelTitle>
        <Box as="ul" ps={6} listStyleType="disc">
          {joint.pullsApart.map((says) => (
            <li key={says}>{thin(says)}</li>
          ))}
        </Box>
        {joint.pullOut && (
          <Box mt={1}>
            A sample holds at least {thin(sayBoth(joint.pullOut, lead))} (IEC 60999-1); on site tug with{" "}
            {joint.tug ? thin(sayBoth(joint.tug, lead)) : "the hand"} at most.
          </Box>
        )}
        <ReasonsFolded reasons={joint.reasons} />
        <Box mt={1} color="caution">
          {joint.cautions.map(thin).join(" ")}
        </Box>
      </Panel>
    </>
  );
}

function Number({ label, large, small }: { label: string; large: string; small: string }) {
  return (
    <Box flex="1 1 170px" p={2} bg="paper.sunk" rounded="md" data-number={label.toLowerCase()}>
      <Box textStyle="note" color="ink.soft">
        {label}
      </Box>
      {large && <Box textStyle={/\d/.test(large) ? "figure.lg" : "title"}>{large}</Box>}
      <Box>{small}</Box>
    </Box>
  );
}
