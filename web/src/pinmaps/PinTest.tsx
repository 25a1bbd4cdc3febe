import { Box, chakra, Flex } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { Action, PanelTitle } from "../shared/Panel";
import { changePin, type PinMap } from "./map";

/** What a whole way reads where somebody only hears the meter, Ω: its beep. */
const beeps = 0;

/** The continuity test, pin by pin, recorded as it is done. */
export function PinTest({
  map,
  steps,
  onMap,
}: {
  map: PinMap;
  steps: Schemas["ContinuityStep"][];
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
                <chakra.strong fontSize="18px">
                  {step.pin} to {step.terminal}
                </chakra.strong>
                : {step.expect}.
                <Box fontSize="14px" color="ink.soft">
                  To {step.elsewhere}.
                </Box>
              </Box>
              <Flex gap={1} role="group" aria-label={`Pin ${step.pin} to ${step.terminal}`}>
                <Action
                  look={step.passed === true ? "main" : "plain"}
                  aria-pressed={step.passed === true}
                  onClick={() => onMap(changePin(map, at(step.pin), { ohms: beeps, isOpen: false }))}
                >
                  It beeps
                </Action>
                <Action
                  aria-pressed={step.passed === false}
                  color={step.passed === false ? "stop" : undefined}
                  onClick={() => onMap(changePin(map, at(step.pin), { ohms: null, isOpen: true }))}
                >
                  Nothing
                </Action>
              </Flex>
            </Flex>
          ))}
        </Box>
      )}
    </Box>
  );
}
