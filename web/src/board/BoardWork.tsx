import { Flex, Grid } from "@chakra-ui/react";
import { useDeferredValue, useMemo, useRef, useState, type ReactNode, type RefObject } from "react";
import { LayoutPanelTop } from "lucide-react";
import { useNavigate, useSearchParams } from "react-router";
import type { Schemas } from "../client";
import { jobApi } from "../job/jobApi";
import { LandingForm, type JobLanding } from "../job/LandingForm";
import { useChanges } from "../job/useChanges";
import { useStable } from "../shared/useStable";
import { AddWire } from "./AddWire";
import { BoardFilter } from "./BoardFilter";
import {
  everything,
  isNarrowed,
  matches,
  opened,
  type BoardIndex,
  type Filter,
  type Hit,
  type Slot,
  type Stub,
} from "../drawing/devices/boardModel";
import { BoardSearch } from "./BoardSearch";
import { BoardTable } from "./BoardTable";
import { BoardTools, type ShownAs } from "./BoardTools";
import { BoardView, type Eyes } from "./BoardView";
import { Picked } from "./Picked";
import { Legend } from "../drawing/devices/signs";
import { SlotPanel } from "./SlotPanel";
import { FedAndFeeds } from "./FedAndFeeds";
import { Told } from "./Told";
import { useBoard } from "../job/useBoard";
import { useBoardChanges } from "./useBoardChanges";
import type { Carried } from "./useHands";
import { EmptyState, ErrorMessage, Loading } from "../ui";

const nothingFades = () => false;
const noWires: string[] = [];
const namesOf = (circuits: Schemas["JobOverview"]["circuits"]) =>
  circuits.map(({ part }): [string, string] => [part.id, part.name]);
const openSlot = () => document.querySelector<HTMLElement>("[data-slot-panel] button")?.focus();

/** One enclosure: looked through, narrowed, opened end by end, and changed where it stands. */
export function BoardWork({
  job,
  enclosure,
  before,
}: {
  job: Schemas["JobOverview"];
  enclosure: Schemas["Enclosure"];
  /** Which job and which enclosure, at the head of the tools. */
  before: ReactNode;
}) {
  const id = job.title.id;
  const [filter, setFilter] = useState(everything);
  const [narrowing, setNarrowing] = useState(false);
  const [feeds, setFeeds] = useState(false);
  const [as, setAs] = useState<ShownAs>("drawing");
  const [pointed, setPointed] = useState<Hit | null>(null);
  const [carried, setCarried] = useState<Carried | null>(null);
  const [picked, setPicked] = useState<string[]>([]);
  const [looked, setLooked] = useState<string | null>(null);
  const { form, addLanding, changeLanding } = useLandingForm(job, enclosure.id);
  const eyes = useRef<Eyes>(null);
  const { index, error } = useBoard(id, enclosure.id);
  // The drawing follows an edit at once; what stands round it a moment later.
  const calm = useDeferredValue(index);
  const { params, traced, choose, go, close, trace } = useAddress(id, index);
  const { send } = useChanges();
  const { move, drop, reorder } = useBoardChanges(job, enclosure, index, send);
  const fades = useFades(filter, index);
  // With a key held, one more is picked; without, this one alone is looked at.
  const pick = useStable((slot: Slot, end: Stub | null, more: boolean) => {
    if (!more || !end) return choose(slot, end);
    setPicked((before) =>
      before.includes(end.wireId) ? before.filter((one) => one !== end.wireId) : [...before, end.wireId],
    );
  });
  const { look, find } = useLooks(index, eyes, choose, setLooked);
  const circuits = useMemo(() => namesOf(job.circuits), [job.circuits]);
  if (error) return <ErrorMessage of={error} />;
  if (!index || !calm) return <Loading what="Drawing the board…" lines={2} height="300px" />;

  const { slot: chosen, stub } = opened(index, params.get("slot"), params.get("end"));
  const one = pointed?.stub?.wireId ?? carried?.stub.wireId;
  const lit = one ? [one] : (traced ?? (stub ? [stub.wireId] : noWires));
  const pickedWires = picked.flatMap((wire) => index.wires.get(wire) ?? []);
  return (
    <Flex direction="column" gap={2}>
      <Flex gap={2} flexWrap="wrap" alignItems="flex-end">
        {before}
        <BoardSearch index={calm} onGo={find} />
        <BoardTools
          job={id}
          as={as}
          onAs={setAs}
          narrowing={narrowing}
          isNarrowed={isNarrowed(filter)}
          onNarrowing={setNarrowing}
          onFeeds={setFeeds}
          onAddLanding={addLanding}
        />
      </Flex>
      {narrowing && <BoardFilter index={calm} circuits={circuits} filter={filter} onChange={setFilter} />}
      {feeds && <FedAndFeeds job={id} enclosure={enclosure} onClose={() => setFeeds(false)} />}
      <Grid
        gap={3}
        templateColumns={{ base: "minmax(0, 1fr)", lg: chosen ? "minmax(0, 1fr) 400px" : "minmax(0, 1fr)" }}
      >
        <Flex direction="column" gap={2} minW={0}>
          {index.slots.length === 0 ? (
            <Empty name={enclosure.name} />
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
              onChoose={pick}
              onOpen={openSlot}
              onPoint={setPointed}
              onCarry={setCarried}
              onReorder={reorder}
              onDrop={drop}
            />
          )}
          <Told
            job={id}
            enclosure={enclosure.name}
            index={index}
            carried={carried}
            shown={pointed ?? (chosen && { slot: chosen, stub })}
          />
          {pickedWires.length > 0 && (
            <Picked job={id} enclosure={enclosure.name} wires={pickedWires} onNone={() => setPicked([])} />
          )}
          {as === "drawing" && <Legend />}
          <AddWire job={id} enclosure={enclosure.name} at={chosen?.name ?? null} />
        </Flex>
        {chosen && (
          <SlotPanel
            job={job}
            index={calm}
            slotId={chosen.id}
            end={params.get("end")}
            onStub={go}
            onMove={move}
            onLook={look}
            onChangeLanding={changeLanding}
            onTrace={trace}
            onClose={close}
          />
        )}
      </Grid>
      {form}
    </Flex>
  );
}

const Empty = ({ name }: { name: string }) => (
  <EmptyState icon={<LayoutPanelTop />} title={`Nothing stands in ${name} yet`}>
    Add a landing here, or import a wire list that names it.
  </EmptyState>
);

/** What is open, as the address says it: a slot, one of its ends, wires that are lit. */
function useAddress(job: string, index: BoardIndex | null) {
  const navigate = useNavigate();
  const [params, setParams] = useSearchParams();
  // Wires of the way of a finding that led here.
  const way = params.get("lit");
  const along = useMemo(() => way?.split(",").filter(Boolean), [way]);
  // A network may be too long for an address, and a reload would be refused: the page alone keeps it.
  const [asked, trace] = useState<string[] | null>(null);
  const traced = asked ?? along;
  const choose = useStable((slot: Slot | null, end: Stub | null) =>
    setParams(slot ? { slot: slot.id, ...(end ? { end: `${end.wireId}${end.side}` } : {}) } : {}, {
      replace: true,
    }),
  );
  /** An end’s slot, in whatever enclosure it is. */
  const go = useStable((end: Stub) => {
    const place = index?.wires.get(end.wireId)?.[end.side];
    if (!place) return;
    const query = { slot: place.landingId, end: `${end.wireId}${end.side}` };
    if (place.enclosureId) {
      void navigate(`/board/${job}/${place.enclosureId}?${new URLSearchParams(query).toString()}`);
    } else setParams(query, { replace: true });
  });
  const close = useStable(() => choose(null, null));
  return { params, traced, choose, go, close, trace };
}

/** Looking at a slot that somebody thinks of, and going to one that was found. */
function useLooks(
  index: BoardIndex | null,
  eyes: RefObject<Eyes | null>,
  choose: (slot: Slot | null, end: Stub | null) => void,
  setLooked: (slot: string | null) => void,
) {
  const look = useStable((at: string | null) => {
    setLooked(at);
    const there = index?.slots.find(({ slot }) => slot.id === at)?.slot;
    if (there) eyes.current?.show(there.box);
  });
  const find = useStable((slot: Slot, end: Stub | null) => {
    choose(slot, end);
    eyes.current?.goTo(slot.box);
  });
  return { look, find };
}

/** Which ends the filter lets fade. */
function useFades(filter: Filter, index: BoardIndex | null) {
  const devices = useMemo(() => new Map(index?.slots.map(({ slot, device }) => [slot.id, device])), [index]);
  return useMemo(
    () =>
      isNarrowed(filter)
        ? (slot: Slot, stub: Stub) =>
            !matches(filter, slot, stub, index?.wires.get(stub.wireId), devices.get(slot.id))
        : nothingFades,
    [devices, filter, index],
  );
}

/** The landing whose sheet is open: a new one, or that of a slot as the job has it now. */
function useLandingForm(job: Schemas["JobOverview"], enclosure: string) {
  const [landing, setLanding] = useState<{ part: JobLanding; version: number | null } | null>(null);
  const addLanding = useStable(() =>
    setLanding({
      part: { part: "landing", id: crypto.randomUUID(), enclosureId: enclosure, name: "" },
      version: null,
    }),
  );
  const changeLanding = useStable(async (slot: Slot) => {
    const page = await jobApi.landings(job.title.id, { enclosure, q: slot.name, limit: 1000 });
    const row = page.items.find((item) => item.landing.id === slot.id);
    if (row) setLanding({ part: { ...row.landing, part: "landing" }, version: row.version });
  });
  const form = landing && (
    <LandingForm
      part={landing.part}
      version={landing.version}
      devices={job.devices.filter(({ part }) => part.enclosureId === enclosure).map(({ part }) => part)}
      onClose={() => setLanding(null)}
    />
  );
  return { form, addLanding, changeLanding };
}
