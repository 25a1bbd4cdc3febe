import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { Download, ShieldCheck, ShieldX } from "lucide-react";
import { api } from "../client";
import { Action, Panel } from "../shared/Panel";

const Export = chakra("a", {
  base: {
    display: "inline-flex",
    alignItems: "center",
    gap: 2,
    minH: "44px",
    px: 3,
    rounded: "md",
    borderWidth: "1px",
    borderColor: "line.strong",
    fontWeight: 600,
    _hover: { bg: "paper.sunk" },
  },
});

/** Whether the record is whole, its head hash for papers, and the way out of here. */
export function SealPanel() {
  const seal = useQuery({ queryKey: ["seal"], queryFn: api.seal, staleTime: 0 });
  const whole = seal.data?.isWhole ?? true;
  const Icon = whole ? ShieldCheck : ShieldX;
  return (
    <Panel as="section" aria-label="Seal" bg={whole ? "paper.raised" : "stop.wash"}>
      <Flex gap={3} alignItems="center" flexWrap="wrap">
        <Box color={!seal.data ? "ink.soft" : whole ? "go" : "stop"}>
          <Icon aria-hidden size={34} />
        </Box>
        <Box flex={1} minW="220px" role="status">
          <strong>{!seal.data ? "Checking the seal…" : whole ? "Whole." : "Broken."}</strong>{" "}
          {seal.data?.says}
          {seal.data && seal.data.faults.length > 1 && (
            <Box as="ul" ps={5} listStyleType="disc" maxH="120px" overflowY="auto">
              {seal.data.faults.map(({ says }) => (
                <li key={says}>{says}</li>
              ))}
            </Box>
          )}
          {seal.error && <Box color="stop">{seal.error.message}</Box>}
          {seal.data && (
            <Box fontSize="14px" color="ink.soft" fontFamily="numerals" overflowWrap="anywhere">
              head {seal.data.head.slice(0, 16)}…
            </Box>
          )}
        </Box>
        <Action onClick={() => void seal.refetch()} disabled={seal.isFetching}>
          Check again
        </Action>
        <Export href="/api/records/export.csv" download>
          <Download aria-hidden size={18} /> CSV
        </Export>
        <Export href="/api/records/export.json" download>
          <Download aria-hidden size={18} /> JSON
        </Export>
      </Flex>
    </Panel>
  );
}
