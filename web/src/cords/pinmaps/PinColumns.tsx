import { Box, chakra, Flex } from "@chakra-ui/react";
import { useSay } from "../../shared/tradeWords";
import { X } from "lucide-react";
import type { Schemas } from "../../client";
import {
  addPin,
  changePin,
  functionWords,
  terminalsOf,
  unmeasured,
  type PinFunction,
  type PinMap,
} from "./map";
import { Button, Input, Select } from "../../ui";

// On a phone a pin takes two lines.
const row = { base: "112px", sm: "60px" };
const rowHeight = 60;

const Terminal = chakra("div", {
  base: {
    h: "var(--row)",
    display: "flex",
    alignItems: "center",
    fontWeight: 700,
    textStyle: "heading",
    fontFamily: "numerals",
    overflowWrap: "anywhere",
    lineHeight: 1.1,
  },
});

const small = { position: "absolute", w: "1px", h: "1px", overflow: "hidden" } as const;

/** Two columns laced together: the connector's pins with what they are for, the machine's terminals. */
export function PinColumns({
  map,
  steps,
  onMap,
}: {
  map: PinMap;
  /** How each pin passed its test, as the core has it. */
  steps: Schemas["ContinuityStep"][];
  onMap: (map: PinMap) => void;
}) {
  const terminals = terminalsOf(map);
  const middle = (row: number) => row * rowHeight + rowHeight / 2;
  const high = Math.max(map.pins.length, terminals.length, 1) * rowHeight;
  return (
    <Box>
      <Flex textStyle="note" color="ink.soft" justifyContent="space-between">
        <span>Controller: pin, what for, leads to, colour noted</span>
        <span>Machine</span>
      </Flex>
      <Flex css={{ "--row": row }}>
        <Box flex="1 1 auto" minW={0}>
          {map.pins.map((pin, i) => (
            <PinRow key={i} map={map} pin={pin} i={i} onMap={onMap} />
          ))}
        </Box>
        <Box w={{ base: "48px", md: "160px" }} flex="none">
          <svg
            width="100%"
            style={{ height: `calc(var(--row) * ${high / rowHeight})` }}
            viewBox={`0 0 100 ${high}`}
            preserveAspectRatio="none"
            aria-hidden
          >
            {map.pins.map((pin, i) => {
              const to = terminals.indexOf(pin.terminal.trim());
              if (to < 0) return null;
              const passed = steps.find((step) => step.pin === pin.pin)?.passed ?? null;
              return (
                <path
                  key={i}
                  d={`M0 ${middle(i)}C50 ${middle(i)} 50 ${middle(to)} 100 ${middle(to)}`}
                  fill="none"
                  stroke={`var(--chakra-colors-${passed === null ? "copper" : passed ? "go" : "stop"})`}
                  strokeWidth={4}
                  strokeDasharray={passed === null ? "8 5" : undefined}
                  vectorEffect="non-scaling-stroke"
                />
              );
            })}
          </svg>
        </Box>
        <Box w={{ base: "56px", md: "120px" }} flex="none">
          {terminals.map((terminal) => (
            <Terminal key={terminal}>{terminal}</Terminal>
          ))}
        </Box>
      </Flex>
      <chakra.span css={small}>
        {map.pins
          .filter((pin) => pin.terminal.trim())
          .map((pin) => `Pin ${pin.pin} to ${pin.terminal}.`)
          .join(" ")}
      </chakra.span>
      <Button mt={2} onClick={() => onMap(addPin(map))}>
        Add a pin
      </Button>
    </Box>
  );
}

/** One pin of the connector: its number, what it is for, where it leads, and the colour that is noted. */
function PinRow({
  map,
  pin,
  i,
  onMap,
}: {
  map: PinMap;
  pin: PinMap["pins"][number];
  i: number;
  onMap: (map: PinMap) => void;
}) {
  const say = useSay();
  return (
    <Flex
      h="var(--row)"
      gap={1}
      alignItems="center"
      alignContent="center"
      flexWrap={{ base: "wrap", sm: "nowrap" }}
      data-pin={pin.pin}
    >
      <Box w="52px" flex="none">
        <Input
          aria-label={`Pin of row ${i + 1}`}
          inputMode="numeric"
          textAlign="center"
          fontWeight={700}
          fontFamily="numerals"
          px={1}
          maxLength={2}
          value={pin.pin || ""}
          onChange={(event) => onMap(changePin(map, i, { pin: Number(event.target.value) || 0 }))}
        />
      </Box>
      <Box flex={{ base: "1 0 100%", sm: "1 1 120px" }} order={{ base: 5, sm: 0 }} minW={0}>
        <Select
          label={`What pin ${pin.pin} is for`}
          hideLabel
          value={pin.function}
          onChange={(fn) => onMap(changePin(map, i, { function: fn }))}
          options={Object.entries(functionWords).map(([fn, word]) => [fn as PinFunction, say(word)])}
        />
      </Box>
      <Box w={{ sm: "84px" }} flex={{ base: "1 1 60px", sm: "none" }}>
        <Input
          aria-label={`Terminal of pin ${pin.pin}`}
          px={2}
          maxLength={100}
          autoComplete="off"
          placeholder="T1"
          value={pin.terminal}
          onChange={(event) =>
            // Another terminal was not measured yet.
            onMap(changePin(map, i, { terminal: event.target.value, ...unmeasured }))
          }
        />
      </Box>
      <Box w="84px" flex="none" display={{ base: "none", sm: "block" }}>
        <Input
          aria-label={`Colour noted at pin ${pin.pin}`}
          px={2}
          maxLength={40}
          autoComplete="off"
          placeholder="colour"
          value={pin.colour}
          onChange={(event) => onMap(changePin(map, i, { colour: event.target.value }))}
        />
      </Box>
      <Button
        variant="ghost"
        size="icon"
        aria-label={`Delete pin ${pin.pin}`}
        onClick={() => onMap({ ...map, pins: map.pins.filter((_, at) => at !== i) })}
      >
        <X aria-hidden size={18} />
      </Button>
    </Flex>
  );
}
