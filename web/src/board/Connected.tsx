import { Box, chakra } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import type { Schemas } from "../client";
import { jobApi } from "../job/jobApi";
import { sayBoth, useUnits } from "../shared/Units";
import { WayLine } from "../shown/WayLine";
import { Button, Checkbox, ErrorMessage } from "../ui";

/** What the slot is connected to, lit on the board; and of a breaker or switch what goes dead with it. */
export function Connected({
  job,
  slot,
  onTrace,
}: {
  job: string;
  slot: string;
  onTrace: (wires: string[] | null) => void;
}) {
  const [asked, setAsked] = useState(false);
  const [contacts, setContacts] = useState(true);
  const trace = useQuery({
    queryKey: ["job", job, "trace", slot, contacts],
    queryFn: () => jobApi.trace(job, slot, contacts),
    enabled: asked,
  });
  const wires = asked ? trace.data?.wireIds : undefined;
  useEffect(() => {
    onTrace(wires ?? null);
    return () => onTrace(null);
  }, [onTrace, wires]);
  if (!asked) {
    return (
      <Button my={2} onClick={() => setAsked(true)}>
        What is this connected to?
      </Button>
    );
  }
  return (
    <Box as="section" aria-label="Connected to" my={3} borderTopWidth="1px" borderColor="line" pt={2}>
      <chakra.h3 textStyle="lead" fontWeight={700}>
        Connected to
      </chakra.h3>
      <Checkbox checked={contacts} onChange={setContacts}>
        Through closed switches too
      </Checkbox>
      {trace.error && <ErrorMessage of={trace.error} />}
      {trace.data && <Network trace={trace.data} />}
      {trace.data?.opens && <WhatGoesDead job={job} device={trace.data.opens} />}
      <Button onClick={() => setAsked(false)}>Close the trace</Button>
    </Box>
  );
}

/** What stands between the two ends of a way. */
const between = (way: Schemas["WayStopDocument"][]) =>
  way
    .slice(1, -1)
    .map(({ says }) => says)
    .join(" – ");

function Network({ trace }: { trace: Schemas["TraceDocument"] }) {
  const { potentials, reached, isOpen, feeds, notKnown } = trace;
  const { lead } = useUnits();
  return (
    <>
      <Box fontWeight={700} color={potentials.length > 1 ? "stop" : "ink"}>
        {potentials.length > 0 ? `On it: ${potentials.join(", ")}` : "Nobody said what is on it."}
      </Box>
      {feeds.map((feed) => (
        <Box key={feed.breaker} my={2} data-feed={feed.breaker}>
          <Box fontWeight={700}>Fed by {feed.breaker}</Box>
          <WayLine way={feed.way} />
          <Box>
            {feed.supply
              ? `Behind ${feed.supply}, which gives a voltage of its own.`
              : feed.length
                ? sayBoth(feed.length, lead)
                : "Length not known"}
          </Box>
          {feed.drop && <Box>{feed.drop}</Box>}
          {feed.source && (
            <Box textStyle="note" color="ink.soft">
              {feed.source}
            </Box>
          )}
        </Box>
      ))}
      {reached.length === 0 && <Box>Nothing else.</Box>}
      <Box as="ul" listStyleType="none" maxH="240px" overflowY="auto">
        {reached.map(({ landingId, name, device, way }) => (
          <Box as="li" key={landingId} py="3px">
            {name}
            {device && !name.includes(device) && <chakra.span color="ink.soft"> of {device}</chakra.span>}
            {way.length > 3 && (
              <Box textStyle="note" color="ink.soft">
                by {between(way)}
              </Box>
            )}
          </Box>
        ))}
      </Box>
      {notKnown.length > 0 && (
        <Box color="caution">
          What {notKnown.join(", ")} joins inside is not known: it ends there. Say at the device what stands
          between its terminals.
        </Box>
      )}
      {isOpen && <Box color="ink.soft">It goes on to where this job does not say.</Box>}
    </>
  );
}

/** What is dead once the device is open, and what an instrument still finds live beside it. */
function WhatGoesDead({ job, device }: { job: string; device: string }) {
  const opened = useQuery({
    queryKey: ["job", job, "opened", device],
    queryFn: () => jobApi.opened(job, device),
  });
  if (!opened.data) return null;
  const { device: name, with: tied, dead, live } = opened.data;
  return (
    <Box my={2} data-opened>
      <Box fontWeight={700}>
        With {name} open{tied.length > 0 && `, and ${tied.join(", ")} with it, whose handle is tied to it`}
      </Box>
      <Box>
        {dead.length > 0
          ? `Dead: ${dead.map((one) => one.name).join(", ")}.`
          : "Nothing that this alone feeds."}
      </Box>
      {live.length > 0 && (
        <Box color="stop">
          Still live beside it:{" "}
          {live.map((one) => `${one.name}, from ${one.way[0]?.says ?? "elsewhere"}`).join("; ")}.
        </Box>
      )}
      <Box textStyle="note" color="ink.soft">
        By the wire list. Prove it dead with a tester that was proved on a live source.
      </Box>
    </Box>
  );
}
