import { Box, Flex } from "@chakra-ui/react";
import { useInfiniteQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../client";
import { DeviceForm, type JobDevice } from "./DeviceForm";
import { jobApi } from "../job/jobApi";
import { LandingForm, type JobLanding } from "../job/LandingForm";
import { LandingRows } from "./LandingRows";
import { BridgeForm } from "../job/BridgeForm";
import { BridgeList } from "../job/BridgesAt";
import { needed, type Bridge, type JobBridge } from "../job/bridges";
import type { BoardIndex } from "../drawing/devices/boardModel";
import { PartForm } from "../job/PartForm";
import { enclosureFields } from "../job/partFields";
import { LayoutPanelTop } from "lucide-react";
import { useBoard } from "../job/useBoard";
import { Button, EmptyState, Panel, PanelTitle, Select } from "../ui";

type Enclosure = Schemas["JobPartEnclosure"];
type Open =
  | { what: "enclosure"; part: Enclosure; version: number | null }
  | { what: "device"; part: JobDevice; version: number | null }
  | { what: "landing"; part: JobLanding; version: number | null }
  | { what: "bridge"; part: JobBridge; version: number | null };

/** Enclosures, their devices, and their landings in their real order. */
export function LandingsTab({ job }: { job: Schemas["JobOverview"] }) {
  const id = job.title.id;
  const [chosen, setChosen] = useState("");
  const [open, setOpen] = useState<Open | null>(null);
  const enclosure = job.enclosures.find(({ part }) => part.id === chosen) ?? job.enclosures[0];
  const pages = useInfiniteQuery({
    queryKey: ["job", id, "landings", enclosure?.part.id],
    queryFn: ({ pageParam }) =>
      jobApi.landings(id, { ...(enclosure ? { enclosure: enclosure.part.id } : {}), offset: pageParam }),
    initialPageParam: 0,
    getNextPageParam: (page) => page.next,
  });
  const { index } = useBoard(id, enclosure?.part.id ?? "");
  const rows = pages.data?.pages.flatMap((page) => page.items) ?? [];
  const devices = job.devices.filter(({ part }) => part.enclosureId === enclosure?.part.id);
  const close = () => setOpen(null);
  return (
    <Flex direction="column" gap={3} maxW="1100px">
      <Adding job={job} enclosure={enclosure} onChosen={setChosen} onOpen={setOpen} />
      {enclosure?.part.drawing && (
        <Box>
          Drawing {enclosure.part.drawing}
          {enclosure.part.revision && `, revision ${enclosure.part.revision}`}
        </Box>
      )}
      {!enclosure && (
        <EmptyState icon={<LayoutPanelTop />} title="No enclosure yet">
          A panel, a box, a device plate or a machine that wires land in.
        </EmptyState>
      )}
      <LandingRows
        rows={rows}
        devices={devices}
        board={enclosure ? index : null}
        onDevice={(part, version) => setOpen({ what: "device", part: { ...part, part: "device" }, version })}
        onLanding={({ landing, version }) =>
          setOpen({ what: "landing", part: { ...landing, part: "landing" }, version })
        }
      />
      {index && (
        <Bridges
          job={job}
          index={index}
          onOpen={({ part, version }) =>
            setOpen({ what: "bridge", part: { ...part, part: "bridge" }, version })
          }
        />
      )}
      {pages.hasNextPage && (
        <Button alignSelf="start" onClick={() => void pages.fetchNextPage()}>
          More
        </Button>
      )}
      {open?.what === "enclosure" && (
        <PartForm
          title={open.part.name || "New enclosure"}
          part={open.part}
          version={open.version}
          fields={enclosureFields}
          onClose={close}
        />
      )}
      {open?.what === "device" && <DeviceForm part={open.part} version={open.version} onClose={close} />}
      {open?.what === "bridge" && index && (
        <BridgeForm part={open.part} version={open.version} index={index} onClose={close} />
      )}
      {open?.what === "landing" && (
        <LandingForm
          part={open.part}
          version={open.version}
          devices={devices.map(({ part }) => part)}
          onClose={close}
        />
      )}
    </Flex>
  );
}

/** The bridges of the enclosure, and how many of each are needed; nothing where there is none. */
function Bridges({
  job,
  index,
  onOpen,
}: {
  job: Schemas["JobOverview"];
  index: BoardIndex;
  onOpen: (bridge: Bridge) => void;
}) {
  const here = new Set(index.slots.map(({ slot }) => slot.id));
  const bridges = job.bridges.filter(({ part }) => part.landings.some((id) => here.has(id)));
  if (bridges.length === 0) return null;
  return (
    <Panel as="section" aria-label="Bridges">
      <PanelTitle>Bridges</PanelTitle>
      <Box color="ink.soft" textStyle="dense">
        To bring: {needed(bridges, index).join(", ")}.
      </Box>
      <Flex gap={1} flexWrap="wrap" mt={2}>
        <BridgeList bridges={bridges} index={index} onOpen={onOpen} />
      </Flex>
    </Panel>
  );
}

/** Which enclosure is shown, and what can be added to it. */
function Adding({
  job,
  enclosure,
  onChosen,
  onOpen,
}: {
  job: Schemas["JobOverview"];
  enclosure: Schemas["JobOverview"]["enclosures"][number] | undefined;
  onChosen: (id: string) => void;
  onOpen: (open: Open) => void;
}) {
  const addEnclosure = () =>
    onOpen({
      what: "enclosure",
      part: { part: "enclosure", id: crypto.randomUUID(), name: "", form: "panel" },
      version: null,
    });
  if (!enclosure) {
    return (
      <Button variant="solid" alignSelf="start" onClick={addEnclosure}>
        Add an enclosure
      </Button>
    );
  }
  const { part, version } = enclosure;
  const into = { id: crypto.randomUUID(), enclosureId: part.id, name: "" };
  return (
    <Flex gap={2} alignItems="flex-end" flexWrap="wrap">
      <Box w={{ base: "full", sm: "220px" }}>
        <Select
          label="Enclosure"
          value={part.id}
          onChange={onChosen}
          options={job.enclosures.map((one): [string, string] => [one.part.id, one.part.name])}
        />
      </Box>
      <Button onClick={() => onOpen({ what: "enclosure", part: { ...part, part: "enclosure" }, version })}>
        Edit {part.name}
      </Button>
      <Button
        onClick={() =>
          onOpen({ what: "device", part: { ...into, part: "device", type: "block" }, version: null })
        }
      >
        Add a device
      </Button>
      <Button onClick={() => onOpen({ what: "landing", part: { ...into, part: "landing" }, version: null })}>
        Add a landing
      </Button>
      <Button variant="plain" onClick={addEnclosure}>
        Add an enclosure
      </Button>
    </Flex>
  );
}
