import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { useSession } from "../people/session";
import { Button, Checkbox, Dialog, ErrorMessage, Form, TextField } from "../ui";
import type { Dead } from "./deadApi";
import { Step } from "./Step";
import type { Doing } from "./useDead";

type Lock = Dead["locks"][number];
const clock = new Intl.DateTimeFormat(undefined, { dateStyle: "short", timeStyle: "short" });

/** Each person’s own lock: whoever goes in hangs one, and takes it off themselves. */
export function LocksPanel({ dead, doing }: { dead: Dead; doing: Doing }) {
  const { session, may } = useSession();
  const me = session?.person?.id;
  const own = dead.locks.find(({ personId }) => personId === me);
  const [others, setOthers] = useState<Lock | null>(null);
  const { register, handleSubmit, reset } = useForm({ defaultValues: { number: "" } });
  const hang = async ({ number }: { number: string }) => {
    if (await doing.send({ kind: "lock-on", lock: number })) reset();
  };
  return (
    <Step number={2} title="Your own lock" done={!!own}>
      <Flex direction="column" gap={2}>
        {dead.locks.length === 0 && <Box color="ink.soft">Nobody’s lock is on.</Box>}
        {dead.locks.map((lock) => (
          <Flex key={lock.personId} gap={2} alignItems="center" data-lock={lock.number}>
            <Box flex={1} minW={0}>
              <strong>{lock.name}</strong>, lock {lock.number}
              <Box color="ink.soft" textStyle="dense">
                On since {clock.format(new Date(lock.since))}
              </Box>
            </Box>
            {lock.personId === me ? (
              <Button
                onClick={() => void doing.send({ kind: "lock-off", ownerKnows: false })}
                disabled={doing.busy}
              >
                Take my lock off
              </Button>
            ) : (
              may("manage-people") && (
                <Button
                  variant="plain"
                  onClick={() => setOthers(lock)}
                  aria-label={`Take off the lock of ${lock.name}`}
                >
                  Take off…
                </Button>
              )
            )}
          </Flex>
        ))}
        {!own && (
          <Form id="own-lock" onSubmit={() => void handleSubmit(hang)()}>
            <Flex gap={2} alignItems="end">
              <Box flex={1}>
                <TextField
                  label="Number of your lock"
                  maxLength={40}
                  {...register("number", { required: true })}
                />
              </Box>
              <Button variant="solid" type="submit" form="own-lock" disabled={doing.busy}>
                My lock is on
              </Button>
            </Flex>
          </Form>
        )}
        {(doing.last === "lock-on" || (doing.last === "lock-off" && !others)) && (
          <ErrorMessage of={doing.refused} />
        )}
      </Flex>
      {others && <OthersLock lock={others} doing={doing} onClose={() => setOthers(null)} />}
    </Step>
  );
}

/** A lock whose owner is away: a lead takes it off, knowing what that means. */
function OthersLock({ lock, doing, onClose }: { lock: Lock; doing: Doing; onClose: () => void }) {
  const [knows, setKnows] = useState(false);
  return (
    <Dialog
      title={`Take off ${lock.name}’s lock ${lock.number}`}
      open
      size="sm"
      onClose={onClose}
      footer={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button
            variant="danger"
            disabled={doing.busy}
            missing={knows ? null : "Tick it once you are sure."}
            onClick={() =>
              void doing
                .send({ kind: "lock-off", owner: lock.personId, ownerKnows: true })
                .then((done) => done && onClose())
            }
          >
            Take the lock off
          </Button>
        </>
      }
    >
      <Flex direction="column" gap={3}>
        <Box color="caution">
          Whoever hung a lock takes it off. Another’s comes off only when its owner has left.
        </Box>
        <Checkbox checked={knows} onChange={setKnows}>
          I looked: {lock.name} is away, knows that the lock comes off, and left nobody inside
        </Checkbox>
        <ErrorMessage of={doing.refused} />
      </Flex>
    </Dialog>
  );
}
