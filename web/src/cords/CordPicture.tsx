import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../client";
import { ScenePaint } from "../drawing/ScenePaint";
import { cordApi } from "./cordApi";
import { placeWords } from "./words";
import { ErrorMessage, Loading, Spot } from "../ui";

/** The cord from plug to entry, with the places to look at, in the order of looking. */
export function CordPicture({
  marked,
  onSpot,
}: {
  marked: ReadonlySet<Schemas["CordPlace"]>;
  onSpot: (place: Schemas["CordPlace"]) => void;
}) {
  const drawing = useQuery({ queryKey: ["cord", "drawing"], queryFn: cordApi.drawing, staleTime: Infinity });
  if (drawing.error) return <ErrorMessage of={drawing.error} />;
  if (!drawing.data) return <Loading what="Drawing the cord…" lines={1} height="120px" />;
  const { scene, spots } = drawing.data;
  const { left, top, right, bottom } = scene.box;
  const [wide, high] = [right - left, bottom - top];
  const order = Object.keys(placeWords);
  return (
    <Box position="relative" bg="paper.raised" borderWidth="1px" borderColor="line" rounded="md" p={3}>
      <Box position="relative">
        <svg
          viewBox={`${left - 1} ${top - 1} ${wide + 2} ${high + 2}`}
          width="100%"
          role="img"
          aria-label={scene.says}
          style={{ display: "block" }}
        >
          {scene.parts.map((part) => (
            <ScenePaint key={part.id} part={part} metal="copper" pixel={0.35} />
          ))}
        </svg>
        {spots.map((spot) => (
          <Spot
            key={spot.place}
            x={((spot.x - left) / wide) * 100}
            y={((spot.y - top) / high) * 100}
            look={marked.has(spot.place) ? "wrong" : "plain"}
            onClick={() => onSpot(spot.place)}
            data-marked={marked.has(spot.place) || undefined}
            aria-label={`${placeWords[spot.place]}${marked.has(spot.place) ? ", something is ticked" : ""}`}
          >
            {order.indexOf(spot.place) + 1}
          </Spot>
        ))}
      </Box>
    </Box>
  );
}
