import { Box, chakra } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { jobApi } from "../job/jobApi";
import { severities } from "../shown/severity";
import { useUnits } from "../shared/Units";
import type { BoardWire, Side, Slot } from "../drawing/devices/boardModel";

/** While an end is in the hand: what would be found if it were let go over this slot. */
export function Tried({
  job,
  enclosure,
  wire,
  side,
  onto,
}: {
  job: string;
  enclosure: string;
  wire: BoardWire;
  side: Side;
  onto: Slot;
}) {
  const { lead } = useUnits();
  const tried = useQuery({
    queryKey: ["job", job, "try", wire.id, wire.version, side, onto.id, lead],
    queryFn: () =>
      jobApi.tryWires(
        job,
        {
          // Nothing is stored, so nobody is asked who it is.
          id: crypto.randomUUID(),
          enclosure,
          rows: [
            {
              wireId: wire.id,
              version: wire.version,
              [side === "a" ? "from" : "to"]: `${enclosure}/${onto.name}`,
            },
          ],
        },
        lead,
      ),
  });
  return (
    <Box data-tried={onto.name}>
      <chakra.strong>To {onto.name}.</chakra.strong>{" "}
      {tried.error
        ? tried.error.message
        : tried.data &&
          (tried.data.gone.length + tried.data.come.length === 0
            ? "Nothing more and nothing less is found."
            : [
                ...tried.data.gone.map((gone) => `${severities[gone.severity].word} gone: ${gone.says}`),
                ...tried.data.come.map((come) => `${severities[come.severity].word}: ${come.says}`),
              ].join(" "))}
    </Box>
  );
}
