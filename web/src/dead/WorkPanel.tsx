import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { useSession } from "../people/session";
import { Button, Dialog, ErrorMessage, Form, Select, TextField } from "../ui";
import type { Dead } from "./deadApi";
import { Step } from "./Step";
import { clock } from "./clock";
import type { Doing } from "./useDead";

/** While it is worked at: what keeps it, and what ends it. */
export function WorkPanel({ dead, doing }: { dead: Dead; doing: Doing }) {
  const { refusal } = useSession();
  const [found, setFound] = useState(false);
  const { until } = dead.told;
  return (
    <Step number={4} title="While you work">
      <Flex direction="column" gap={2}>
        <Box>
          {until
            ? `It holds until ${clock.format(new Date(until))}. Each end that is recorded there keeps it for ${dead.pauseMinutes} minutes more.`
            : `After more than ${dead.pauseMinutes} minutes away, at a change of shift, and when a lock comes off, dead is proved again.`}
        </Box>
        <Flex gap={2} flexWrap="wrap">
          {until && (
            <Button onClick={() => void doing.send({ kind: "at-work" })} disabled={doing.busy}>
              Still at work
            </Button>
          )}
          <Button onClick={() => setFound(true)}>Another source found</Button>
          {until && (
            <Button
              onClick={() => void doing.send({ kind: "shift-end" })}
              disabled={doing.busy}
              missing={refusal("make-dead")}
            >
              The shift ends
            </Button>
          )}
        </Flex>
        {(doing.last === "at-work" || doing.last === "shift-end") && <ErrorMessage of={doing.refused} />}
      </Flex>
      {found && <FoundSource dead={dead} doing={doing} onClose={() => setFound(false)} />}
    </Step>
  );
}

function FoundSource({ dead, doing, onClose }: { dead: Dead; doing: Doing; onClose: () => void }) {
  const [kind, setKind] = useState(dead.kinds[1]?.kind ?? "back-feed");
  const { register, handleSubmit } = useForm({ defaultValues: { name: "" } });
  return (
    <Dialog
      title="Another source found"
      open
      size="sm"
      onClose={onClose}
      startsAt="found-name"
      footer={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button variant="danger" type="submit" form="found" disabled={doing.busy}>
            Tell everybody
          </Button>
        </>
      }
    >
      <Form
        id="found"
        onSubmit={() =>
          void handleSubmit(({ name }) =>
            doing.send({ kind: "source-found", source: kind, name }).then((done) => done && onClose()),
          )()
        }
      >
        <Box mb={2}>Hands out: it counts as live until that source is locked and dead is proved again.</Box>
        <Select
          label="What is it?"
          value={kind}
          onChange={setKind}
          options={dead.kinds.map((one): [typeof kind, string] => [one.kind, one.name])}
        />
        <TextField
          id="found-name"
          label="What is it called?"
          hint="Such as “24 V from the warm room”."
          maxLength={60}
          error={doing.last === "source-found" ? doing.refused?.message : undefined}
          {...register("name", { required: true })}
        />
      </Form>
    </Dialog>
  );
}
