import { Flex } from "@chakra-ui/react";
import {
  CircleDashed,
  Lock,
  ShieldCheck,
  ShieldX,
  TriangleAlert,
  Unplug,
  Zap,
  type LucideIcon,
} from "lucide-react";
import { clock } from "./clock";
import type { State, Told } from "./deadApi";

const states: Record<State, { icon: LucideIcon; word: string; colour: string }> = {
  "not-proved": { icon: TriangleAlert, word: "Not proved dead", colour: "stop" },
  "locked-off": { icon: Lock, word: "Locked off, not proved", colour: "stop" },
  dead: { icon: ShieldCheck, word: "Proved dead", colour: "go" },
  exempt: { icon: Unplug, word: "Nothing to prove", colour: "go" },
  lapsed: { icon: ShieldX, word: "Counts as live again", colour: "stop" },
  live: { icon: Zap, word: "Power is on", colour: "stop" },
};

/** How an enclosure stands: a shape and a word, and a colour. */
export function StateWord({ state, large = false }: { state: State; large?: boolean }) {
  const { icon: Icon, word, colour } = states[state] ?? { icon: CircleDashed, word: state, colour: "ink" };
  return (
    <Flex
      as="span"
      alignItems="center"
      gap={2}
      color={colour}
      fontWeight={700}
      {...(large && { textStyle: "title" })}
      data-dead={state}
    >
      <Icon aria-hidden size={large ? 34 : 22} />
      {word}
    </Flex>
  );
}

/** What its state means now: until when it holds, or why it does not. */
export const SayStanding = ({ told: { state, says, until } }: { told: Told }) => (
  <>
    {state !== "dead" && says}
    {until && ` Until ${clock.format(new Date(until))}, and longer while somebody works.`}
  </>
);
