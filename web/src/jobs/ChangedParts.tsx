import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../client";
import { differences } from "../job/differences";
import { jobApi } from "../job/jobApi";
import { thin } from "../shared/Units";
import { WireLine } from "../shown/WireLine";
import { ErrorMessage, Loading } from "../ui";

type Change = Schemas["CommandChange"];

const nameOf = (part: Change["before"]): string =>
  part === null
    ? ""
    : part.part === "pin-map"
      ? part.map.name
      : "name" in part && typeof part.name === "string"
        ? part.name
        : part.part;

/** What a change made of each part: as it was above, as it became below; a wire is drawn. */
export function ChangedParts({ job, command }: { job: string; command: string }) {
  const changes = useQuery({
    queryKey: ["job", job, "changes-of", command],
    queryFn: () => jobApi.changesOf(job, command),
  });
  if (changes.error) return <ErrorMessage of={changes.error} />;
  if (!changes.data) return <Loading what="Reading what changed…" lines={2} />;
  const { changes: shown, parts } = changes.data;
  return (
    <>
      <Box as="ul" listStyleType="none">
        {shown.map((change) => (
          <Box as="li" key={change.part} py={2} borderTopWidth="1px" borderColor="line">
            <Changed change={change} />
          </Box>
        ))}
      </Box>
      {parts > shown.length && <Box color="ink.soft">And {parts - shown.length} more parts.</Box>}
    </>
  );
}

/** What the line of a wire shows already. */
const drawn = new Set(["conductor", "Colour"]);

function Changed({ change }: { change: Change }) {
  const { before, after, wireBefore, wireAfter } = change;
  const did = before === null ? "Added" : after === null ? "Deleted" : "Changed";
  const isDrawn = wireBefore !== null && wireAfter !== null;
  const lines =
    before && after ? differences(before, after).filter(({ name }) => !(isDrawn && drawn.has(name))) : [];
  return (
    <>
      <Box fontWeight={700}>
        {did}: {(after ?? before)?.part.replace("-", " ")} {nameOf(after ?? before)}
      </Box>
      {wireBefore && <WireLine wire={wireBefore} label="Before" />}
      {wireAfter && <WireLine wire={wireAfter} label="After" />}
      {lines.length > 0 && (
        <Box as="dl">
          {lines.map((line) => (
            <Flex key={line.name} gap={2} flexWrap="wrap" textStyle="dense">
              <chakra.dt color="ink.soft">{line.name}:</chakra.dt>
              <chakra.dd>
                <chakra.del color="ink.soft">{thin(line.one)}</chakra.del> →{" "}
                <strong>{thin(line.other)}</strong>
              </chakra.dd>
            </Flex>
          ))}
        </Box>
      )}
    </>
  );
}
