import { Box, Flex } from "@chakra-ui/react";
import type { Schemas } from "../../client";
import { ScenePaint } from "../../drawing/ScenePaint";
import type { PinMap } from "./map";
import { Button } from "../../ui";

/** Both ways round that a board may have the connector: no number counts before one of them is pointed at. */
export function KeyPicker({
  map,
  above,
  below,
  onChange,
}: {
  map: PinMap;
  above: Schemas["ConnectorDocument"];
  below: Schemas["ConnectorDocument"];
  onChange: (change: Partial<PinMap>) => void;
}) {
  return (
    <Box role="group" aria-label="Where its key is">
      <Box fontWeight={700} color={map.keySeen ? undefined : "stop"}>
        {map.keySeen
          ? "Pins are counted from the key’s flat, seen from the mating side."
          : "Look at the connector: on which side is the flat with the key? Until then no number counts."}
      </Box>
      <Flex gap={2} mt={2} flexWrap="wrap">
        {(
          [
            [above, false, "Key above"],
            [below, true, "Key below"],
          ] as const
        ).map(([face, turned, word]) => (
          <Button
            key={word}
            variant="card"
            flex="1 1 220px"
            p={2}
            aria-pressed={map.keySeen && map.turnedRound === turned}
            onClick={() => onChange({ keySeen: true, turnedRound: turned })}
          >
            <Face face={face} numbers={map.keySeen} />
            {word}
          </Button>
        ))}
      </Flex>
      {map.keySeen && (
        <Button variant="plain" onClick={() => onChange({ keySeen: false })}>
          I am not sure of the key
        </Button>
      )}
    </Box>
  );
}

function Face({ face, numbers }: { face: Schemas["ConnectorDocument"]; numbers: boolean }) {
  const { left, top, right, bottom } = face.scene.box;
  return (
    <svg
      viewBox={`${left - 1} ${top - 1} ${right - left + 2} ${bottom - top + 2}`}
      width="100%"
      style={{ display: "block", maxHeight: 110 }}
      role="img"
      aria-label={face.scene.says}
    >
      {face.scene.parts.map((part) => (
        <ScenePaint key={part.id} part={part} metal="copper" pixel={0.3} />
      ))}
      {numbers &&
        face.pins.map(({ pin, x, y }) => (
          <text
            key={pin}
            x={x}
            y={y}
            textAnchor="middle"
            dominantBaseline="central"
            style={{ fontSize: 4 }}
            fontWeight={700}
            fill="var(--chakra-colors-ink)"
            stroke="var(--chakra-colors-paper-raised)"
            strokeWidth={0.8}
            paintOrder="stroke"
          >
            {pin}
          </text>
        ))}
    </svg>
  );
}
