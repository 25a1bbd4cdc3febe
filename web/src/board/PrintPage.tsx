import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useRef } from "react";
import { useNavigate, useParams } from "react-router";
import type { Schemas } from "../client";
import { WorkedWithout } from "../dead/WorkedWithout";
import { jobApi } from "../job/jobApi";
import { useRemembered } from "../shared/remembered";
import { BoardSheet } from "../drawing/devices/BoardSheet";
import { Legend } from "../drawing/devices/signs";
import { useBoard } from "../job/useBoard";
import { useJobRegion } from "../shared/tradeWords";
import { saveAs } from "../shared/saveAs";
import { svgText } from "./svgFile";
import { Button, ErrorMessage, Loading, Panel, Segments } from "../ui";

// Each sheet on a page of its own, with its own last line.
const onPaper = (size: string) => `
  @page { size: ${size} landscape; margin: 10mm; }
  @media print {
    footer { display: none !important; }
    main { padding: 0 !important; }
    [data-page] { break-after: page; break-inside: avoid; border: 0 !important; padding: 0 !important; }
    [data-page]:last-of-type { break-after: auto; }
    [data-page] svg[data-sheet] { max-height: 165mm; }
  }
`;

/** A job’s enclosures on paper, one a page, each with its legend; or as files. */
export function PrintPage() {
  const { job: id = "" } = useParams();
  const navigate = useNavigate();
  const [paper, setPaper] = useRemembered<"A4" | "letter">("paper", "A4");
  const job = useQuery({ queryKey: ["job", id, "overview"], queryFn: () => jobApi.open(id) });
  useJobRegion(job.data?.title.houseRules?.region);
  if (job.error) return <ErrorMessage of={job.error} />;
  if (!job.data) return <Loading what="Opening the job…" />;
  return (
    <Flex direction="column" gap={3} className="light" color="ink" bg="paper" rounded="md">
      <style>{onPaper(paper)}</style>
      <Flex gap={2} alignItems="center" flexWrap="wrap" data-screen-only>
        <chakra.h1 textStyle="title">{job.data.title.name}, on paper</chakra.h1>
        <Box w="200px">
          <Segments
            label="Paper"
            value={paper}
            onChange={setPaper}
            options={[
              ["A4", "A4"],
              ["letter", "Letter"],
            ]}
          />
        </Box>
        <Button variant="solid" onClick={() => window.print()}>
          Print
        </Button>
        <Button onClick={() => void navigate(`/board/${id}`)}>Back to the board</Button>
      </Flex>
      {job.data.enclosures.map(({ part }) => (
        <Sheet key={part.id} job={job.data} enclosure={part} />
      ))}
    </Flex>
  );
}

function Sheet({ job, enclosure }: { job: Schemas["JobOverview"]; enclosure: Schemas["Enclosure"] }) {
  const drawing = useRef<SVGSVGElement>(null);
  const { index, error } = useBoard(job.title.id, enclosure.id);
  return (
    <Panel as="section" aria-label={enclosure.name} data-page={enclosure.name}>
      <Flex justifyContent="space-between" gap={3} flexWrap="wrap" alignItems="baseline">
        <chakra.h2 textStyle="heading">
          {job.title.name}: {enclosure.name}
        </chakra.h2>
        <Box textStyle="note">
          {enclosure.drawing && `Drawing ${enclosure.drawing}`}
          {enclosure.revision && `, revision ${enclosure.revision}`}
          {` · as of change ${job.sequence}`}
        </Box>
        <Button
          data-screen-only
          disabled={!index}
          onClick={() =>
            drawing.current &&
            saveAs(
              `${job.title.name} ${enclosure.name}.svg`,
              new Blob([svgText(drawing.current)], { type: "image/svg+xml" }),
            )
          }
        >
          SVG
        </Button>
      </Flex>
      {error ? (
        <ErrorMessage of={error} />
      ) : !index ? (
        <Loading what="Drawing the sheet…" lines={1} height="300px" />
      ) : index.slots.length === 0 ? (
        <Box p={3}>Nothing stands here yet.</Box>
      ) : (
        <BoardSheet index={index} drawing={drawing} name={enclosure.name} />
      )}
      <Legend />
      <WorkedWithout job={job.title.id} enclosure={enclosure.id} />
      <Box textStyle="note" color="ink.soft" mt={1}>
        Order, sides and proportions are the job’s; sizes are those of usual devices. Local code and licensed
        practice rule.
      </Box>
    </Panel>
  );
}
