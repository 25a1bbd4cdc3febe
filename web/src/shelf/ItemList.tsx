import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { keepPreviousData, useInfiniteQuery } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { layOnBench, type Pair } from "../shared/pair";
import { trustWords } from "../shown/words";
import { api, named, type Schemas } from "../client";
import { Sketch } from "../drawing/Sketch";
import { recall } from "../shared/remembered";
import { useSession } from "../people/session";
import { thin } from "../shared/Units";
import type { ShelfKind } from "./ShelfPage";
import { Button, Panel } from "../ui";

type Entry = Schemas["ShelfEntry"];
const room = { width: 240, height: 96 };

/** What is on the Shelf, as it is searched. */
export function ItemList({
  kind,
  text,
  onEdit,
  onTakeOff,
}: {
  kind: ShelfKind;
  text: string;
  onEdit: (entry: Entry) => void;
  onTakeOff: (entry: Entry) => void;
}) {
  const pages = useInfiniteQuery({
    queryKey: ["shelf", kind, text],
    queryFn: ({ pageParam, signal }) => api.shelf(kind, text, pageParam, signal),
    initialPageParam: "",
    getNextPageParam: (page) => page.next,
    placeholderData: keepPreviousData,
  });
  const items = pages.data?.pages.flatMap((page) => page.items) ?? [];
  if (pages.error) return <Box color="stop">{pages.error.message}</Box>;
  if (pages.data && items.length === 0) {
    return (
      <Panel>
        {text ? `No results for “${text}”.` : "Nothing is here yet. Add what is in your hand, or import."}
      </Panel>
    );
  }
  return (
    <>
      <Grid
        as="ul"
        listStyleType="none"
        aria-label="On the Shelf"
        templateColumns="repeat(auto-fill, minmax(250px, 1fr))"
        gap={3}
      >
        {items.map((entry) => (
          <Card key={entry.id} entry={entry} onEdit={onEdit} onTakeOff={onTakeOff} />
        ))}
      </Grid>
      {pages.hasNextPage && (
        <Button
          alignSelf="center"
          disabled={pages.isFetchingNextPage}
          onClick={() => void pages.fetchNextPage()}
        >
          More
        </Button>
      )}
    </>
  );
}

function Card({
  entry,
  onEdit,
  onTakeOff,
}: {
  entry: Entry;
  onEdit: (entry: Entry) => void;
  onTakeOff: (entry: Entry) => void;
}) {
  const { refusal } = useSession();
  const { item, drawing } = entry;
  const box = drawing?.box;
  return (
    <Panel as="li" display="flex" flexDirection="column" gap={2} data-code={item.code}>
      {drawing && box && (
        <Flex h={`${room.height}px`} alignItems="center" justifyContent="center">
          <Sketch
            scene={drawing}
            metal={item.kind === "conductor" ? (item.conductor.material ?? "copper") : "copper"}
            scale={Math.min(
              room.width / (box.right - box.left),
              room.height / (box.bottom - box.top),
              item.kind === "conductor" ? 6 : 9,
            )}
          />
        </Flex>
      )}
      <Box flex={1}>
        <Flex justifyContent="space-between" gap={2}>
          <strong>{thin(item.name)}</strong>
          <chakra.span fontFamily="numerals" color="ink.soft" whiteSpace="nowrap" textStyle="dense">
            {item.code}
          </chakra.span>
        </Flex>
        <Box color="ink.soft" textStyle="dense">
          {thin(entry.says)}
          {item.note && <Box>{item.note}</Box>}
        </Box>
        {entry.problem && <Box color="caution">{thin(entry.problem)}</Box>}
        <Box textStyle="note" color={item.trust === "generic" ? "caution" : "go"} fontWeight={600}>
          {trustWords[item.trust ?? "marking"]}
        </Box>
      </Box>
      <Flex gap={1} flexWrap="wrap">
        <UseIt entry={entry} />
        {item.kind !== "landing" && !refusal("change-shelf") && (
          <Button variant="plain" onClick={() => onEdit(entry)} aria-label={`Edit ${item.code}`}>
            Edit
          </Button>
        )}
        {!refusal("change-shelf") && (
          <Button variant="plain" onClick={() => onTakeOff(entry)} aria-label={`Delete ${item.code}`}>
            Delete
          </Button>
        )}
      </Flex>
    </Panel>
  );
}

/** Lays a landing or a conductor on the Bench, beside what lies there. */
function UseIt({ entry: { item } }: { entry: Entry }) {
  const navigate = useNavigate();
  const use = async () => {
    const before = recall<Pair | null>("pair", null) ?? (await api.starters())[0];
    if (!before) return;
    const pair: Pair = { conductor: before.conductor, landing: named(before.landing) };
    if (item.kind === "landing") pair.landing = { ...named(item.landing), trust: item.trust ?? null };
    if (item.kind === "conductor") pair.conductor = item.conductor;
    layOnBench(pair);
    await navigate("/bench");
  };
  if (item.kind !== "landing" && item.kind !== "conductor") return null;
  return (
    <Button onClick={() => void use()} aria-label={`Use ${item.code} at the Bench`}>
      To the Bench
    </Button>
  );
}
