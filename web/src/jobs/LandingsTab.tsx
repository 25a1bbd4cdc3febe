import { Box, Flex } from "@chakra-ui/react";
import { useInfiniteQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../client";
import { DeviceForm, type JobDevice } from "./DeviceForm";
import { jobApi } from "../job/jobApi";
import { LandingForm, type JobLanding } from "../job/LandingForm";
import { LandingRows } from "./LandingRows";
import { PartForm } from "../job/PartForm";
import { enclosureFields } from "../job/partFields";
import { Button, Panel, Select } from "../ui";

type Enclosure = Schemas["JobPartEnclosure"];
type Open =
  | { what: "enclosure"; part: Enclosure; version: number | null }
  | { what: "device"; part: JobDevice; version: number | null }
  | { what: "landing"; part: JobLanding; version: number | null };

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
        <Panel>No enclosure yet: a panel, a box, a device plate or a machine that wires land in.</Panel>
      )}
      <LandingRows
        rows={rows}
        devices={devices}
        onDevice={(part, version) => setOpen({ what: "device", part: { ...part, part: "device" }, version })}
        onLanding={({ landing, version }) =>
          setOpen({ what: "landing", part: { ...landing, part: "landing" }, version })
        }
      />
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
  return (
    <Flex gap={2} alignItems="flex-end" flexWrap="wrap">
      {enclosure && (
        <Select
          label="Enclosure"
          value={enclosure.part.id}
          onChange={onChosen}
          options={job.enclosures.map(({ part }): [string, string] => [part.id, part.name])}
        />
      )}
      <Button
        onClick={() =>
          onOpen({
            what: "enclosure",
            part: { part: "enclosure", id: crypto.randomUUID(), name: "", form: "panel" },
            version: null,
          })
        }
      >
        Add an enclosure
      </Button>
      {enclosure && (
        <>
          <Button
            onClick={() =>
              onOpen({
                what: "enclosure",
                part: { ...enclosure.part, part: "enclosure" },
                version: enclosure.version,
              })
            }
          >
            Edit {enclosure.part.name}
          </Button>
          <Button
            onClick={() =>
              onOpen({
                what: "device",
                part: {
                  part: "device",
                  id: crypto.randomUUID(),
                  enclosureId: enclosure.part.id,
                  name: "",
                  type: "block",
                },
                version: null,
              })
            }
          >
            Add a device
          </Button>
          <Button
            onClick={() =>
              onOpen({
                what: "landing",
                part: {
                  part: "landing",
                  id: crypto.randomUUID(),
                  enclosureId: enclosure.part.id,
                  name: "",
                },
                version: null,
              })
            }
          >
            Add a landing
          </Button>
        </>
      )}
    </Flex>
  );
}
