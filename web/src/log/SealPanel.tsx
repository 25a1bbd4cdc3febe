import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { Download, ShieldCheck, ShieldX } from "lucide-react";
import { api } from "../client";
import { Button, ErrorMessage, exportFile, Panel } from "../ui";

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
          <ErrorMessage of={seal.error} />
          {seal.data && (
            <Box textStyle="note" color="ink.soft" fontFamily="numerals" overflowWrap="anywhere">
              head {seal.data.head.slice(0, 16)}…
            </Box>
          )}
        </Box>
        <Button onClick={() => void seal.refetch()} disabled={seal.isFetching}>
          Check again
        </Button>
        <Button onClick={() => void exportFile("/api/records/export.csv", "lacet-log.csv")}>
          <Download aria-hidden size={18} /> Export CSV
        </Button>
        <Button onClick={() => void exportFile("/api/records/export.json", "lacet-log.json")}>
          <Download aria-hidden size={18} /> Export JSON
        </Button>
      </Flex>
    </Panel>
  );
}
