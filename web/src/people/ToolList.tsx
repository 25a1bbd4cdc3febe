import { Box, chakra, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Wrench } from "lucide-react";
import { useState } from "react";
import type { Schemas } from "../client";
import { Button, ErrorMessage, Panel } from "../ui";
import { PairToolDialog } from "./PairToolDialog";
import { sessionApi } from "./session";

const when = new Intl.DateTimeFormat(undefined, { dateStyle: "medium" });

/** Tools that send their readings, each let in by a token of its own. */
export function ToolList() {
  const queries = useQueryClient();
  const tools = useQuery({ queryKey: ["paired-tools"], queryFn: sessionApi.tools });
  const [pairing, setPairing] = useState(false);
  const refresh = () => queries.invalidateQueries({ queryKey: ["paired-tools"] });
  const unpair = useMutation({ mutationFn: sessionApi.unpairTool, onSuccess: refresh });
  return (
    <Flex as="section" direction="column" gap={2} aria-label="Tools that send readings">
      <Flex gap={3} alignItems="center" flexWrap="wrap" mt={4}>
        <chakra.h2 textStyle="title" flex={1}>
          Tools that send readings
        </chakra.h2>
        <Button onClick={() => setPairing(true)}>
          <Wrench aria-hidden />
          Pair a tool
        </Button>
      </Flex>
      <ErrorMessage of={tools.error ?? unpair.error} />
      {tools.data?.length === 0 && (
        <Box color="ink.soft">A paired torque driver records each screw as it is tightened.</Box>
      )}
      {tools.data?.map((tool) => (
        <Panel key={tool.id}>
          <Flex gap={3} alignItems="center">
            <Box flex={1} minW={0}>
              <strong>{tool.name}</strong>
              <Box>{standing(tool)}</Box>
              <Box color="ink.soft" textStyle="dense">
                Paired by {tool.pairedBy}, {when.format(new Date(tool.pairedAt))}
              </Box>
            </Box>
            <Button onClick={() => unpair.mutate(tool.id)} aria-label={`Unpair ${tool.name}`}>
              Unpair
            </Button>
          </Flex>
        </Panel>
      ))}
      {pairing && (
        <PairToolDialog
          onClose={() => {
            setPairing(false);
            void refresh();
          }}
        />
      )}
    </Flex>
  );
}

const standing = (tool: Schemas["PairedToolDocument"]) =>
  [
    tool.serial ?? "Never connected yet",
    tool.connected && "connected now",
    tool.standIn && "stands in for a tool: its readings are simulated",
  ]
    .filter(Boolean)
    .join(", ");
