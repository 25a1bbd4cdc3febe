import { Box, Flex } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { Controller, useForm } from "react-hook-form";
import { Button, Checkbox, Dialog, Form, TextField } from "../ui";
import { sessionApi } from "./session";

/** A token for one tool, or for the program that reads it: shown this once. */
export function PairToolDialog({ onClose }: { onClose: () => void }) {
  const { handleSubmit, register, control } = useForm({ defaultValues: { name: "", standIn: false } });
  const pair = useMutation({ mutationFn: sessionApi.pairTool });
  const paired = pair.data;
  return (
    <Dialog
      title={paired ? `Token for ${paired.tool.name}` : "Pair a tool"}
      open
      size="sm"
      onClose={onClose}
      startsAt="tool-name"
      footer={
        <>
          <Button onClick={onClose}>{paired ? "Done" : "Cancel"}</Button>
          {!paired && (
            <Button variant="solid" type="submit" form="tool" disabled={pair.isPending}>
              Show the token
            </Button>
          )}
        </>
      }
    >
      {paired ? (
        <Flex direction="column" gap={3}>
          <Box fontFamily="numerals" overflowWrap="anywhere" data-token>
            {paired.token}
          </Box>
          <Box>
            Type it into the tool, or into the program that reads it: it is shown once, and is good for the
            first tool that comes with it.{" "}
            {paired.port
              ? `The tool connects to port ${paired.port} of the machine that Lacet runs on.`
              : "The port for tools could not be opened: the server’s own messages say why."}
          </Box>
        </Flex>
      ) : (
        <Form id="tool" onSubmit={() => void handleSubmit((tool) => pair.mutate(tool))()}>
          <TextField
            id="tool-name"
            label="What is it called?"
            hint="Such as “driver 2”. It stands in every record."
            maxLength={60}
            error={pair.error?.message}
            {...register("name", { required: true })}
          />
          <Controller
            control={control}
            name="standIn"
            render={({ field }) => (
              <Checkbox checked={field.value} onChange={field.onChange}>
                It only stands in for a tool: its readings are simulated
              </Checkbox>
            )}
          />
        </Form>
      )}
    </Dialog>
  );
}
