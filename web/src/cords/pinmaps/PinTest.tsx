import { Box, chakra, Flex } from "@chakra-ui/react";
import type { Schemas } from "../../client";
import { useState } from "react";
import { readDecimal } from "../../shared/decimal";
import { changePin, unmeasured, type PinMap } from "./map";
import { Button, Input, PanelTitle } from "../../ui";

/** The continuity test, pin by pin, recorded as it is done. */
export function PinTest({
  map,
  steps,
  powerUp,
  onMap,
}: {
  map: PinMap;
  steps: Schemas["ContinuityStep"][];
  /** How it is fed for the first time; empty as long as anything forbids it. */
  powerUp: string[];
  onMap: (map: PinMap) => void;
}) {
  const at = (pin: number) => map.pins.findIndex((one) => one.pin === pin);
  const done = steps.filter(({ passed }) => passed !== null).length;
  return (
    <Box>
      <PanelTitle>
        Test it, {done} of {steps.length}
      </PanelTitle>
      {steps.length === 0 ? (
        <Box color="ink.soft">
          {map.keySeen
            ? "Say which terminal each pin leads to; then it is tested."
            : "The test begins once the key was seen."}
        </Box>
      ) : (
        <Box as="ol" listStyleType="none">
          <Box>Unplugged from everything, the meter on continuity.</Box>
          {steps.map((step) => (
            <Flex
              as="li"
              key={step.pin}
              gap={2}
              py={2}
              borderTopWidth="1px"
              borderColor="line"
              alignItems="center"
              flexWrap="wrap"
              data-step={step.pin}
              data-passed={step.passed}
            >
              <Box flex="1 1 200px">
                <chakra.strong textStyle="lead">
                  {step.pin} to {step.terminal}
                </chakra.strong>
                : {step.expect}.
                <Box textStyle="note" color="ink.soft">
                  To {step.elsewhere}.
                </Box>
              </Box>
              <Flex gap={1} role="group" aria-label={`Pin ${step.pin} to ${step.terminal}`}>
                <Button
                  variant={map.pins[at(step.pin)]?.heard ? "solid" : "outline"}
                  aria-pressed={map.pins[at(step.pin)]?.heard ?? false}
                  onClick={() => onMap(changePin(map, at(step.pin), { ...unmeasured, heard: true }))}
                >
                  It beeps
                </Button>
                <Button
                  aria-pressed={map.pins[at(step.pin)]?.isOpen ?? false}
                  color={map.pins[at(step.pin)]?.isOpen ? "stop" : undefined}
                  onClick={() => onMap(changePin(map, at(step.pin), { ...unmeasured, isOpen: true }))}
                >
                  Nothing
                </Button>
                <OhmsField
                  key={String(map.pins[at(step.pin)]?.ohms)}
                  label={`Ω read from pin ${step.pin} to ${step.terminal}`}
                  value={map.pins[at(step.pin)]?.ohms ?? null}
                  onValue={(ohms) => onMap(changePin(map, at(step.pin), { ...unmeasured, ohms }))}
                />
              </Flex>
            </Flex>
          ))}
        </Box>
      )}
      {powerUp.length > 0 && (
        <Box mt={3}>
          <PanelTitle>First power-up</PanelTitle>
          {done < steps.length && <Box color="caution">Test every pin first.</Box>}
          <Box as="ol" ps={6} listStyleType="decimal">
            {powerUp.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </Box>
        </Box>
      )}
    </Box>
  );
}

/** A resistance that was read; taken when it is typed whole. */
function OhmsField({
  label,
  value,
  onValue,
}: {
  label: string;
  value: number | null;
  onValue: (ohms: number | null) => void;
}) {
  const [text, setText] = useState(value === null ? "" : String(value));
  const ohms = readDecimal(text);
  const wrong = ohms === undefined || (ohms !== null && ohms < 0);
  return (
    <Flex alignItems="center" gap={1}>
      <Input
        aria-label={label}
        aria-invalid={wrong}
        w="76px"
        inputMode="decimal"
        autoComplete="off"
        maxLength={8}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => !wrong && ohms !== value && onValue(ohms)}
        onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
      />
      <span aria-hidden>Ω</span>
    </Flex>
  );
}
