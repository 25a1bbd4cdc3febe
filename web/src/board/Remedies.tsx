import { Box, chakra, Flex } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { SceneView } from "../drawing/SceneView";
import { useEnd } from "../job/EndSheet";
import { jobApi } from "../job/jobApi";
import { severities, sayCheck } from "../shown/severity";
import { useChanges } from "../job/useChanges";
import { thin, useUnits } from "../shared/Units";
import type { BoardWire, Side } from "../drawing/devices/boardModel";
import { Button, PanelTitle } from "../ui";

const Item = chakra("li", { base: { py: 2, borderTopWidth: "1px", borderColor: "line" } });

/** What puts this end right: looked at first, in the section and on the board, and taken with one tap. */
export function Remedies({
  job,
  wire,
  side,
  onLook,
}: {
  job: string;
  wire: BoardWire;
  side: Side;
  /** Told which slot an end would go to while somebody looks. */
  onLook: (landing: string | null) => void;
}) {
  const say = useSay();
  const { lead } = useUnits();
  const { send, busy } = useChanges();
  const [looked, setLooked] = useState<string | null>(null);
  const remedies = useQuery({
    queryKey: ["job", job, "remedies", wire.id, side, lead],
    queryFn: () => jobApi.remedies(job, wire.id, side, lead),
  });
  const metal = useEnd(job, wire.id, side).data?.wire.wire.conductor?.material ?? "copper";
  if (!remedies.data?.length) return null;
  return (
    <Box as="section" aria-label="What can be done" mt={3}>
      <PanelTitle>What can be done</PanelTitle>
      <Box as="ul" listStyleType="none">
        {remedies.data.map((remedy) => {
          const open = looked === remedy.key;
          return (
            <Item key={remedy.key} data-remedy={remedy.id}>
              <Flex gap={2} alignItems="center" justifyContent="space-between">
                <Box>
                  {thin(remedy.says)}
                  <Box textStyle="note" color="ink.soft">
                    {remedy.gone
                      .map(
                        (gone) =>
                          `${severities[gone.severity].word} gone: ${say(sayCheck(gone.check)).toLowerCase()}`,
                      )
                      .join("; ")}
                    {remedy.come.length > 0 &&
                      `; ${remedy.come.map((come) => `${come.severity} comes: ${say(sayCheck(come.check)).toLowerCase()}`).join("; ")}`}
                  </Box>
                </Box>
                <Flex gap={1} flex="none">
                  <Button
                    aria-expanded={open}
                    onClick={() => {
                      setLooked(open ? null : remedy.key);
                      onLook(open ? null : (remedy.at ?? null));
                    }}
                  >
                    Look
                  </Button>
                  <Button
                    variant="solid"
                    disabled={busy}

                    onClick={() => {
                      onLook(null);
                      void send((command) =>
                        jobApi.takeRemedy(job, wire.id, side, { id: command, key: remedy.key }),
                      );
                    }}
                  >
                    Apply
                  </Button>
                </Flex>
              </Flex>
              {open &&
                (remedy.section ? (
                  <SceneView scene={remedy.section} metal={metal} height="150px" />
                ) : (
                  <Box color="ink.soft">As it will be is not known well enough to be drawn.</Box>
                ))}
            </Item>
          );
        })}
      </Box>
    </Box>
  );
}
