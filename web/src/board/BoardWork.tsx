import { Box, Flex, Grid } from "@chakra-ui/react";
import { useQueryClient } from "@tanstack/react-query";
import { useMemo, useRef, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import type { Schemas } from "../client";
import { jobApi } from "../jobs/jobApi";
import { LandingForm, type JobLanding } from "../jobs/LandingForm";
import { useChanges } from "../jobs/useChanges";
import { Choice } from "../shared/Choice";
import { Action, Panel } from "../shared/Panel";
import { AddWire } from "./AddWire";
import { BoardFilter } from "./BoardFilter";
import {
  everything,
  isNarrowed,
  matches,
  patched,
  say,
  type Board,
  type BoardWire,
  type Hit,
  type Side,
  type Slot,
  type Stub,
} from "./boardModel";
import { BoardSearch } from "./BoardSearch";
import { BoardTable } from "./BoardTable";
import { BoardView, type Eyes } from "./BoardView";
import { inOrder, moved } from "./order";
import { Picked } from "./Picked";
import { Legend } from "./signs";
import { SlotPanel } from "./SlotPanel";
import { Tried } from "./Tried";
import { boardKey, useBoard } from "./useBoard";
import type { Carried } from "./useHands";

type Enclosure = Schemas["EnclosureDocument"];

const nothingFades = () => false;

/** One enclosure: looked through, narrowed, opened end by end, and changed where it stands. */
export function BoardWork({ job, enclosure }: { job: Schemas["JobOverview"]; enclosure: Enclosure }) {
  const id = job.title.id;
  const navigate = useNavigate();
  const changes = useChanges();
  const queries = useQueryClient();
  const [params, setParams] = useSearchParams();
  const [filter, setFilter] = useState(everything);
  const [as, setAs] = useState<"drawing" | "table">("drawing");
  const [pointed, setPointed] = useState<Hit | null>(null);
  const [carried, setCarried] = useState<Carried | null>(null);
  const [picked, setPicked] = useState<string[]>([]);
  const [looked, setLooked] = useState<string | null>(null);
  const [landing, setLanding] = useState<{ part: JobLanding; version: number | null } | null>(null);
  const eyes = useRef<Eyes>(null);
  const { index, error } = useBoard(id, enclosure.id);
  const devices = useMemo(() => new Map(index?.slots.map(({ slot, device }) => [slot.id, device])), [index]);
  const fades = useMemo(
    () =>
      isNarrowed(filter)
        ? (slot: Slot, stub: Stub) =>
            !matches(filter, slot, stub, index?.wires.get(stub.wireId), devices.get(slot.id))
        : nothingFades,
    [devices, filter, index],
  );
  if (error) return <Panel role="alert">{error.message}</Panel>;
  if (!index) return <Box p={4}>Drawing the board…</Box>;

  const chosen = index.slots.find(({ slot }) => slot.id === params.get("slot"))?.slot ?? null;
  const wanted = params.get("end");
  const stub = chosen?.stubs.find((one) => `${one.wireId}${one.side}` === wanted) ?? chosen?.stubs[0] ?? null;
  const lit = pointed?.stub?.wireId ?? carried?.stub.wireId ?? stub?.wireId ?? null;
  const choose = (slot: Slot | null, end: Stub | null) =>
    setParams(slot ? { slot: slot.id, ...(end ? { end: `${end.wireId}${end.side}` } : {}) } : {}, {
      replace: true,
    });
  const move = (wire: BoardWire, side: Side, to: string) =>
    void changes.send(async (command, personId) => {
      const done = await jobApi.typeWires(id, {
        id: command,
        personId,
        enclosure: enclosure.name,
        rows: [{ wireId: wire.id, version: wire.version, [side === "a" ? "from" : "to"]: to }],
      });
      // The two slots at once; all the rest follows.
      const slots = index.slots.filter(
        ({ slot }) =>
          slot.id === wire[side]?.landingId || slot.name === to || `${enclosure.name}/${slot.name}` === to,
      );
      if (slots.length === 2) {
        const part = await jobApi.board(
          id,
          enclosure.id,
          slots.map(({ slot }) => slot.id),
        );
        queries.setQueryData<Board>(
          boardKey(id, enclosure.id),
          (before) => before && patched(before, part as Board),
        );
      }
      return done;
    });
  const carriedWire = carried ? index.wires.get(carried.stub.wireId) : undefined;
  const pickedWires = picked.flatMap((wire) => index.wires.get(wire) ?? []);
  const shown = pointed ?? (chosen ? { slot: chosen, stub } : null);
  const changeLanding = async (slot: Slot) => {
    const page = await jobApi.landings(id, { enclosure: enclosure.id, q: slot.name, limit: 1000 });
    const row = page.items.find((item) => item.landing.id === slot.id);
    if (row) setLanding({ part: { ...row.landing, part: "landing" }, version: row.version });
  };
  return (
    <Flex direction="column" gap={2}>
      <Flex gap={2} flexWrap="wrap" alignItems="flex-end">
        <BoardSearch
          index={index}
          onGo={(slot, end) => {
            choose(slot, end);
            eyes.current?.goTo(slot.box);
          }}
        />
        <Box w="200px">
          <Choice
            label="Shown as"
            value={as}
            onChange={setAs}
            options={[
              ["drawing", "Drawing"],
              ["table", "Table"],
            ]}
          />
        </Box>
        {as === "drawing" && (
          <Flex gap={1}>
            <Action onClick={() => eyes.current?.nearer()} aria-label="Nearer (+)">
              +
            </Action>
            <Action onClick={() => eyes.current?.farther()} aria-label="Farther (−)">
              −
            </Action>
            <Action onClick={() => eyes.current?.fit()} aria-label="All of it (0)">
              All
            </Action>
          </Flex>
        )}
        <Action
          onClick={() =>
            setLanding({
              part: { part: "landing", id: crypto.randomUUID(), enclosureId: enclosure.id, name: "" },
              version: null,
            })
          }
        >
          Add a landing
        </Action>
        <Action onClick={() => void navigate(`/print/${id}`)}>Print</Action>
      </Flex>
      <BoardFilter
        index={index}
        circuits={job.circuits.map(({ part }): [string, string] => [part.id, part.name])}
        filter={filter}
        onChange={setFilter}
      />
      <Grid
        gap={3}
        templateColumns={{ base: "minmax(0, 1fr)", lg: chosen ? "minmax(0, 1fr) 400px" : "minmax(0, 1fr)" }}
      >
        <Flex direction="column" gap={2} minW={0}>
          {index.slots.length === 0 ? (
            <Panel>
              Nothing stands in {enclosure.name} yet. Add a landing here, or bring in a wire list that names
              it.
            </Panel>
          ) : as === "table" ? (
            <BoardTable index={index} filter={filter} onOpen={choose} />
          ) : (
            <BoardView
              index={index}
              chosen={chosen?.id ?? null}
              lit={lit}
              looked={looked}
              picked={picked}
              fades={fades}
              eyes={eyes}
              onChoose={(slot, end, more) => {
                // With a key held, one more is picked; without, this one alone is looked at.
                if (more && end) {
                  setPicked((before) =>
                    before.includes(end.wireId)
                      ? before.filter((one) => one !== end.wireId)
                      : [...before, end.wireId],
                  );
                } else choose(slot, end);
              }}
              onOpen={() => document.querySelector<HTMLElement>("[data-slot-panel] button")?.focus()}
              onPoint={setPointed}
              onCarry={setCarried}
              onReorder={(device, before) => {
                const devices = inOrder(job.devices, enclosure.id);
                const parts = moved(devices, device, before);
                if (parts.length === 0) return;
                const name = (of: string | null) => devices.find(({ part }) => part.id === of)?.part.name;
                const says = `Put ${name(device)} ${before ? `before ${name(before)}` : "last"}.`;
                void changes.send((command, personId) =>
                  jobApi.change(id, { id: command, personId, changes: parts, says }),
                );
              }}
              onDrop={(_, end, onto) => {
                const wire = index.wires.get(end.wireId);
                if (wire) move(wire, end.side, `${enclosure.name}/${onto.name}`);
              }}
            />
          )}
          <Box role="status" minH="24px" fontSize="16px" data-told>
            {carried?.over && carriedWire ? (
              <Tried
                job={id}
                enclosure={enclosure.name}
                wire={carriedWire}
                side={carried.stub.side}
                onto={carried.over}
              />
            ) : (
              shown &&
              say(shown.slot, shown.stub, shown.stub ? index.wires.get(shown.stub.wireId) : undefined)
            )}
          </Box>
          {pickedWires.length > 0 && (
            <Picked job={id} enclosure={enclosure.name} wires={pickedWires} onNone={() => setPicked([])} />
          )}
          <AddWire job={id} enclosure={enclosure.name} at={chosen?.name ?? null} />
          {as === "drawing" && <Legend />}
        </Flex>
        {chosen && (
          <SlotPanel
            job={id}
            index={index}
            slot={chosen}
            stub={stub}
            onStub={(end) => {
              const wire = index.wires.get(end.wireId);
              const place = wire?.[end.side];
              // The other end may be in another enclosure: the board follows.
              if (place?.enclosureId) {
                void navigate(
                  `/board/${id}/${place.enclosureId}?slot=${place.landingId}&end=${end.wireId}${end.side}`,
                );
              } else if (place) {
                setParams({ slot: place.landingId, end: `${end.wireId}${end.side}` }, { replace: true });
              }
            }}
            onMove={move}
            onLook={(at) => {
              setLooked(at);
              const there = index.slots.find(({ slot }) => slot.id === at)?.slot;
              if (there) eyes.current?.show(there.box);
            }}
            onChangeLanding={() => void changeLanding(chosen)}
            onClose={() => choose(null, null)}
          />
        )}
      </Grid>
      {landing && (
        <LandingForm
          part={landing.part}
          version={landing.version}
          devices={job.devices
            .filter(({ part }) => part.enclosureId === enclosure.id)
            .map(({ part }) => part)}
          onClose={() => setLanding(null)}
        />
      )}
    </Flex>
  );
}
