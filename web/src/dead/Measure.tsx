import { Box, Flex } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { Check, Zap } from "lucide-react";
import { useForm } from "react-hook-form";
import { SimulatedBadge } from "../recording/Driver";
import { readDecimal } from "../shared/decimal";
import { Button, Disclosure, ErrorMessage, Form, TextField } from "../ui";
import { deadApi, type Dead, type Pair } from "./deadApi";
import { keyOf, type Proving } from "./useProof";

const nameOf = (dead: Dead, id: string | null | undefined) =>
  id ? (dead.points.find(({ landingId }) => landingId === id)?.name ?? "") : "earth";

/** Two points, by their names. */
export const sayPair = (dead: Dead, { from, to }: Pair) => `${nameOf(dead, from)} to ${nameOf(dead, to)}`;

/** The pair that is next, as large as it is read with a tester in each hand. */
export function Measure({ dead, proving }: { dead: Dead; proving: Proving }) {
  const { next, how, draft, read } = proving;
  if (!next) return null;
  const measured = Object.keys(draft.readings).length;
  return (
    <Box borderWidth="2px" borderColor="copper" rounded="md" p={3}>
      <Box color="ink.soft">
        {measured + 1} of {dead.pairs.length}
      </Box>
      <Box textStyle="figure.lg" overflowWrap="anywhere" data-pair>
        {sayPair(dead, next)}
      </Box>
      <Box mb={2} color="ink.soft">
        {[next.from, next.to]
          .flatMap((id) =>
            dead.points.filter(({ landingId }) => landingId === id).map(({ carries }) => carries),
          )
          .join(", ")}
        {!next.to && (dead.earth ? `; earth, such as ${dead.earth.name}` : "; earth")}
      </Box>
      {how.with === "stand-in" ? (
        <ByStandIn key={keyOf(next)} dead={dead} pair={next} read={read} />
      ) : how.with === "two-pole-tester" ? (
        <Flex gap={2} flexWrap="wrap">
          <Button size="lg" variant="solid" autoFocus={measured > 0} onClick={() => read(next, null)}>
            <Check aria-hidden />
            It shows nothing
          </Button>
          <Typed key={keyOf(next)} onRead={(volts) => read(next, volts)} />
        </Flex>
      ) : (
        <Typed key={keyOf(next)} onRead={(volts) => read(next, volts)} focus={measured > 0} />
      )}
    </Box>
  );
}

/** What an instrument shows, typed. */
function Typed({ onRead, focus = false }: { onRead: (volts: number) => void; focus?: boolean }) {
  const { register, handleSubmit, formState } = useForm({ defaultValues: { volts: "" } });
  return (
    <Form id="volts" onSubmit={() => void handleSubmit(({ volts }) => onRead(readDecimal(volts) ?? 0))()}>
      <Flex gap={2} alignItems="end">
        <Box w="110px">
          <TextField
            label="It shows, V"
            inputMode="decimal"
            autoFocus={focus}
            error={formState.errors.volts && "A number"}
            {...register("volts", { validate: (typed) => typeof readDecimal(typed) === "number" })}
          />
        </Box>
        <Button type="submit" form="volts">
          Next
        </Button>
      </Flex>
    </Form>
  );
}

function ByStandIn({
  dead,
  pair,
  read,
}: {
  dead: Dead;
  pair: Pair;
  read: (pair: Pair, volts: number) => void;
}) {
  const meter = useMutation({
    mutationFn: () => deadApi.meter(dead.told.jobId, dead.told.enclosureId, pair),
    onSuccess: ({ volts }) => read(pair, volts),
  });
  return (
    <Flex gap={2} alignItems="center" flexWrap="wrap">
      <Button size="lg" variant="solid" autoFocus onClick={() => meter.mutate()} disabled={meter.isPending}>
        <Zap aria-hidden />
        Measure
      </Button>
      <SimulatedBadge />
      <ErrorMessage of={meter.error} />
    </Flex>
  );
}

/** What is measured: a tap measures it again. */
export function Measured({ dead, proving }: { dead: Dead; proving: Proving }) {
  const { draft, isLive, forget } = proving;
  const done = dead.pairs.filter((pair) => keyOf(pair) in draft.readings);
  if (done.length === 0) return null;
  return (
    <Disclosure label={`${done.length} of ${dead.pairs.length} measured`}>
      <Flex as="ul" listStyleType="none" gap={2} flexWrap="wrap">
        {done.map((pair) => {
          const volts = draft.readings[keyOf(pair)];
          return (
            <li key={keyOf(pair)}>
              <Button
                size="sm"
                color={isLive(volts) ? "stop" : undefined}
                onClick={() => forget(pair)}
                aria-label={`Measure ${sayPair(dead, pair)} again`}
              >
                <Check aria-hidden />
                {sayPair(dead, pair)}: {volts === null ? "nothing" : `${volts} V`}
              </Button>
            </li>
          );
        })}
      </Flex>
    </Disclosure>
  );
}
