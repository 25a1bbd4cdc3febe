import { Box } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../client";
import type { Colours } from "../drawing/looks";
import { ScenePaint, Stripes } from "../drawing/ScenePaint";
import { ErrorMessage, Loading, Spot, Tooltip } from "../ui";
import { cordApi } from "./cordApi";
import { cueWords } from "./words";

type Cue = Schemas["IdentityCue"];

/** The cord laid out: a conductor is tapped, then each place where something of it is seen. */
export function ConductorPicture({
  seen,
  hues,
  chosen,
  onChoose,
  onCue,
}: {
  /** What is seen of each conductor. */
  seen: readonly { cues: readonly Cue[] }[];
  /** The colour of each conductor’s insulation, where it is known. */
  hues: readonly Colours[];
  chosen: number;
  onChoose: (conductor: number) => void;
  onCue: (conductor: number, cue: Cue) => void;
}) {
  const say = useSay();
  const drawing = useQuery({
    queryKey: ["cord", "conductors", seen.length],
    queryFn: () => cordApi.conductors(seen.length),
    staleTime: Infinity,
  });
  if (drawing.error) return <ErrorMessage of={drawing.error} />;
  if (!drawing.data) return <Loading what="Drawing the cord…" lines={1} height="220px" />;
  const { scene, conductors, cues } = drawing.data;
  const { left, top, right, bottom } = scene.box;
  const [wide, high] = [right - left, bottom - top];
  const at = (x: number, y: number) => ({ x: ((x - left) / wide) * 100, y: ((y - top) / high) * 100 });
  return (
    <Box bg="paper.raised" borderWidth="1px" borderColor="line" rounded="md" p={3} overflowX="auto">
      {/* On a phone it is pushed along: a place smaller than a finger could not be told from the next. */}
      <Box position="relative" minW="600px" maxW="1000px" mx="auto">
        <svg
          viewBox={`${left} ${top} ${wide} ${high}`}
          width="100%"
          role="img"
          aria-label={scene.says}
          style={{ display: "block" }}
        >
          <defs>
            {[...new Map(hues.map((one) => [`${one.hue}${one.stripe}`, one])).values()].map((one) => (
              <Stripes key={`${one.hue}${one.stripe}`} colours={one} />
            ))}
          </defs>
          {scene.parts.map((part) => {
            const of = /^insulation-(\d)$/.exec(part.id)?.[1];
            return (
              <ScenePaint
                key={part.id}
                part={part}
                metal="copper"
                colours={of ? hues[Number(of)] : undefined}
                pixel={0.35}
              />
            );
          })}
        </svg>
        {cues.map(({ cue, conductor, x, y }) => {
          const about = conductor ?? chosen;
          const whose = seen.flatMap((one, i) => (one.cues.includes(cue) ? [i + 1] : []));
          const mine = seen[about]?.cues.includes(cue) ?? false;
          const said = conductor === null ? whose : mine ? [about + 1] : [];
          return (
            <Tooltip key={`${cue}${conductor}`} says={say(cueWords[cue])}>
              <Spot
                {...at(x, y)}
                look={mine ? "chosen" : said.length > 0 ? "plain" : "open"}
                onClick={() => onCue(about, cue)}
                aria-pressed={mine}
                aria-label={`${say(cueWords[cue])}: conductor ${about + 1}`}
              >
                {said.join(" ")}
              </Spot>
            </Tooltip>
          );
        })}
        {conductors.map(({ conductor, x, y }) => (
          <Spot
            key={conductor}
            {...at(x, y)}
            look={conductor === chosen ? "chosen" : "plain"}
            onClick={() => onChoose(conductor)}
            aria-pressed={conductor === chosen}
            aria-label={`Conductor ${conductor + 1}`}
          >
            {conductor + 1}
          </Spot>
        ))}
      </Box>
    </Box>
  );
}
