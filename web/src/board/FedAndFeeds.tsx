import { Box, chakra } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../client";
import { jobApi } from "../job/jobApi";
import { WayLine } from "../shown/WayLine";
import { Button, Dialog, ErrorMessage, Loading, Table } from "../ui";

const Title = chakra("h3", { base: { textStyle: "lead", fontWeight: 700, mt: 3, mb: 1 } });

/** What can make an enclosure live, and what is on each of its breakers: read before a hand goes in. */
export function FedAndFeeds({
  job,
  enclosure,
  onClose,
}: {
  job: string;
  enclosure: { id: string; name: string };
  onClose: () => void;
}) {
  const sources = useQuery({
    queryKey: ["job", job, "sources", enclosure.id],
    queryFn: () => jobApi.sources(job, enclosure.id),
  });
  const directory = useQuery({
    queryKey: ["job", job, "directory", enclosure.id],
    queryFn: () => jobApi.directory(job, enclosure.id),
  });
  return (
    <Dialog
      title={`${enclosure.name}: what feeds it, what it feeds`}
      open
      size="xl"
      onClose={onClose}
      footer={<Button onClick={onClose}>Close</Button>}
    >
      <ErrorMessage of={sources.error ?? directory.error} />
      {(sources.isPending || directory.isPending) && <Loading what="Following the wires…" lines={3} />}
      {sources.data && <Sources sources={sources.data} />}
      {directory.data && directory.data.breakers.length > 0 && <Directory directory={directory.data} />}
      <Box mt={3} textStyle="note" color="ink.soft">
        By the wire list. Open, lock, and prove each dead with a tester that was proved on a live source.
      </Box>
    </Dialog>
  );
}

/** The first of many names, and how many more there are. */
const some = (names: string[]) =>
  names.length <= 12 ? names.join(", ") : `${names.slice(0, 12).join(", ")} and ${names.length - 12} more`;

function Sources({ sources }: { sources: Schemas["EnclosureSourcesDocument"] }) {
  const { breakers, unfed, out } = sources;
  return (
    <section aria-label="What can make it live">
      <Title mt={0}>What can make it live</Title>
      {breakers.length === 0 && <Box>No breaker of this job feeds anything in it.</Box>}
      {breakers.map(({ deviceId, name, way }) => (
        <Box key={deviceId} my={2} data-source={name}>
          <Box fontWeight={700}>{name}</Box>
          <WayLine way={way} />
        </Box>
      ))}
      {unfed.length > 0 && (
        <Box color="stop" mt={2}>
          The feed side of {some(unfed)} stays live whatever is opened here: what feeds it is not in this job.
        </Box>
      )}
      {out.length > 0 && (
        <Box mt={2}>
          Something may come by {out.length === 1 ? "wire" : "wires"} {some(out)}, which{" "}
          {out.length === 1 ? "leads" : "lead"} out of this job.
        </Box>
      )}
    </section>
  );
}

function Directory({ directory }: { directory: Schemas["DirectoryDocument"] }) {
  return (
    <section aria-label="Directory">
      <Title>What is on each breaker</Title>
      <Table.Root>
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Breaker</Table.ColumnHeader>
            <Table.ColumnHeader>Feeds</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {directory.breakers.map((line) => (
            <Table.Row key={line.deviceId} data-breaker={line.name}>
              <Table.Cell>
                <chakra.strong>{line.name}</chakra.strong>
                {line.ratingAmps !== null && ` ${line.ratingAmps} A`}
                {line.circuits.length > 0 && (
                  <Box color="ink.soft">
                    {line.circuits.length === 1 ? "circuit" : "circuits"} {line.circuits.join(", ")}
                  </Box>
                )}
                {line.with.length > 0 && <Box color="ink.soft">opens with {line.with.join(", ")}</Box>}
              </Table.Cell>
              <Table.Cell>
                {line.feeds.map(({ enclosure, devices }) => (
                  <Box key={enclosure}>
                    {enclosure}: {devices.join("; ")}
                  </Box>
                ))}
                {line.isOpen && <Box color="ink.soft">and on, to where this job does not say</Box>}
                {line.feeds.length === 0 && !line.isOpen && "nothing"}
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </section>
  );
}
