import { Box } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { verdictWords } from "../shown/words";
import type { Schemas } from "../client";
import { Sketch } from "../drawing/Sketch";
import { spliceApi } from "./spliceApi";
import { kindWords, type Kind } from "../shown/spliceWords";
import { Button } from "../ui";

const room = { width: 118, height: 56 };

/** Every way to hold these ends, drawn with them in it, each under its verdict. */
export function KindCards({
  request,
  onKind,
}: {
  request: Schemas["SpliceRequest"];
  onKind: (kind: Kind) => void;
}) {
  const kinds = useQuery({
    queryKey: ["splice", "kinds", request],
    queryFn: () => spliceApi.kinds(request),
    placeholderData: keepPreviousData,
  });
  return (
    <Box
      role="group"
      aria-label="What holds it"
      display="grid"
      gap={2}
      // On a phone one row that is pushed along, so that the joint stays near what is joined.
      gridAutoFlow={{ base: "column", md: "row" }}
      gridAutoColumns="140px"
      gridTemplateColumns={{ md: "repeat(auto-fill, minmax(140px, 1fr))" }}
      overflowX={{ base: "auto", md: "visible" }}
      pb={{ base: 1, md: 0 }}
    >
      {(kinds.data ?? []).map(({ kind, verdict: found, scene }) => {
        const { box } = scene;
        const verdict = verdictWords[found];
        return (
          <Button
            key={kind}
            variant="card"
            minH="112px"
            p={2}
            gap={0}
            justifyContent="space-between"
            aria-pressed={kind === request.connector.kind}
            onClick={() => onKind(kind)}
            data-kind={kind}
          >
            <Box h={`${room.height}px`} display="grid" placeItems="center" overflow="hidden" w="100%">
              <Sketch
                scene={{ ...scene, dimensions: [] }}
                scale={Math.min(
                  room.width / (box.right - box.left),
                  room.height / (box.bottom - box.top),
                  2.6,
                )}
              />
            </Box>
            <Box textStyle="dense" lineHeight={1.2} mt={1}>
              {kindWords[kind]}
            </Box>
            <Box textStyle="note" fontWeight={700} color={verdict.colour}>
              {verdict.word}
            </Box>
          </Button>
        );
      })}
    </Box>
  );
}

/** A connector of which nothing is known but its kind. */
export const plain: Omit<Schemas["AskedConnector"], "kind"> = {
  leastMm2: null,
  mostMm2: null,
  leastCount: null,
  mostCount: null,
  combinations: null,
  name: null,
  stripMm: null,
  listedWet: false,
  takesBothMetals: false,
};
