import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { useInfiniteQuery } from "@tanstack/react-query";
import { Cable, Plus } from "lucide-react";
import { useState } from "react";
import type { Schemas } from "../client";
import { jobApi } from "../job/jobApi";
import { sayBoth, thin, useUnits } from "../shared/Units";
import { severities } from "../shown/severity";
import { WireSwatch } from "../shown/WireSwatch";
import { Button, EmptyState, Loading, Panel } from "../ui";
import { CableForm } from "./CableForm";
import type { CableRow } from "./cables";

/** The cables and cords of a job: what each is, where its conductors go, and what its jacket asks at each end. */
export function CablesTab({ job }: { job: Schemas["JobOverview"] }) {
  const id = job.title.id;
  const { lead } = useUnits();
  const [open, setOpen] = useState<{ row: CableRow | null } | null>(null);
  const pages = useInfiniteQuery({
    queryKey: ["job", id, "cables", lead],
    queryFn: ({ pageParam }) => jobApi.cables(id, { offset: pageParam, lead }),
    initialPageParam: 0,
    getNextPageParam: (page) => page.next,
  });
  const rows = pages.data?.pages.flatMap(({ items }) => items);
  return (
    <Flex direction="column" gap={3} maxW="1100px">
      <Button alignSelf="start" onClick={() => setOpen({ row: null })}>
        <Plus aria-hidden />
        Add a cable or cord
      </Button>
      {!rows && <Loading what="Reading the cables…" lines={4} />}
      {rows?.length === 0 && (
        <EmptyState icon={<Cable />} title="No cable or cord yet">
          Its jacket is stripped once for all its conductors, and a cord is judged by its own rules.
        </EmptyState>
      )}
      {rows?.map((row) => (
        <OneCable key={row.cable.id} row={row} onEdit={() => setOpen({ row })} />
      ))}
      {pages.hasNextPage && (
        <Button alignSelf="start" onClick={() => void pages.fetchNextPage()}>
          More
        </Button>
      )}
      {open && <CableForm job={id} row={open.row} onClose={() => setOpen(null)} />}
    </Flex>
  );
}

function OneCable({ row, onEdit }: { row: CableRow; onEdit: () => void }) {
  const { cable, make, conductors, wires } = row;
  return (
    <Panel as="section" aria-label={`Cable ${cable.name}`} data-cable={cable.name}>
      <Grid
        templateColumns={{ base: "1fr auto", md: "minmax(90px, 170px) minmax(0, 1fr) auto" }}
        columnGap={4}
      >
        <Box>
          <chakra.h2 textStyle="heading">{cable.name}</chakra.h2>
          <Box color="ink.soft" textStyle="dense">
            {wires.length} of {conductors ?? "?"} conductors
          </Box>
        </Box>
        <Box gridColumn={{ base: "1 / -1", md: "auto" }} order={{ base: 3, md: 0 }} minW={0}>
          <Box fontWeight={700}>{thin(make || "Nobody said what it is.")}</Box>
          {row.says && (
            <Box color="ink.soft" textStyle="dense">
              {thin(row.says)}
            </Box>
          )}
          <Conductors wires={wires} />
          <Ends row={row} />
          {row.findings.map((finding) => {
            const { word, colour } = severities[finding.severity];
            return (
              <Box key={finding.says} textStyle="dense" mt={1}>
                <chakra.strong color={colour}>{word}.</chakra.strong> {thin(finding.says)} {thin(finding.do)}
              </Box>
            );
          })}
        </Box>
        <Button variant="plain" aria-label={`Edit cable ${cable.name}`} onClick={onEdit}>
          Edit
        </Button>
      </Grid>
    </Panel>
  );
}

const place = (at: string, elsewhere: boolean | undefined) =>
  at || (elsewhere ? "out of this job" : "nowhere");

const Conductors = ({ wires }: { wires: CableRow["wires"] }) => (
  <Flex as="ul" listStyleType="none" columnGap={4} rowGap={0.5} flexWrap="wrap" mt={1} textStyle="dense">
    {wires.map(({ wire, hue, stripe, from, to }) => (
      <Flex as="li" key={wire.id} gap={1} alignItems="center">
        <WireSwatch hue={hue} stripe={stripe} />
        <chakra.strong>{wire.name}</chakra.strong>
        {wire.colour}
        <chakra.span color="ink.soft">
          {place(from, wire.a.elsewhere)} – {place(to, wire.b.elsewhere)}
        </chakra.span>
      </Flex>
    ))}
  </Flex>
);

/** The jacket at each end: how much comes off, once, and what clamps it. */
function Ends({ row: { cable, entries, gland, isParallel } }: { row: CableRow }) {
  const { lead } = useUnits();
  const clamps = gland ? `usually gland ${gland}` : cable.jacketDiameterMm ? "no usual gland" : null;
  return (
    <Flex columnGap={5} rowGap={1} flexWrap="wrap" mt={2}>
      {entries.map(({ enclosureId, enclosure, landed, reach, jacketOff }) => (
        <Box key={enclosureId} data-entry={enclosure}>
          <chakra.span color="ink.soft">{enclosure}: </chakra.span>
          {jacketOff ? (
            <>
              <chakra.strong fontFamily="numerals">{thin(sayBoth(jacketOff, lead))}</chakra.strong>{" "}
              {isParallel ? "parted" : "of jacket off, once"}
            </>
          ) : reach ? (
            `${thin(sayBoth(reach, lead))} to the furthest terminal, of which nobody said what it is`
          ) : (
            `${landed} landed, way not measured`
          )}
          {clamps && `, ${clamps}`}
        </Box>
      ))}
    </Flex>
  );
}
