import { Box, Flex } from "@chakra-ui/react";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useForm } from "react-hook-form";
import { Button, Dialog, Form, QrPicture, TextField } from "../ui";
import { sessionApi } from "./session";

/** A code for one tablet, as a picture for its camera and in letters for a hand. */
export function PairDialog({ onClose }: { onClose: () => void }) {
  const { handleSubmit, register } = useForm({ defaultValues: { name: "" } });
  const offer = useMutation({ mutationFn: sessionApi.offerTablet });
  const trust = useQuery({ queryKey: ["trust"], queryFn: sessionApi.trust });
  const code = offer.data?.code;
  // This machine’s own address is no tablet’s.
  const isHere = ["localhost", "127.0.0.1", "[::1]"].includes(location.hostname);
  const address = isHere ? trust.data?.addresses[0] : location.origin;
  return (
    <Dialog
      title="Pair a tablet"
      open
      size="sm"
      onClose={onClose}
      startsAt="tablet-name"
      footer={
        <>
          <Button onClick={onClose}>{code ? "Done" : "Cancel"}</Button>
          {!code && (
            <Button variant="solid" type="submit" form="tablet" disabled={offer.isPending}>
              Show the code
            </Button>
          )}
        </>
      }
    >
      {code ? (
        <Flex direction="column" gap={3}>
          {address && <QrPicture value={`${address}/pair#${code}`} label="The code as a picture" />}
          <Box fontFamily="numerals" textStyle="title" data-code>
            {code}
          </Box>
          <Box>
            {address
              ? "Point the tablet’s camera at the picture; or open Lacet on it, choose “This is a shared tablet” and type the code."
              : "Open Lacet on the tablet, choose “This is a shared tablet” and type the code. This server is reached from its own machine only, until it is started with --listen."}{" "}
            It is good once, for {offer.data?.minutes} minutes.
          </Box>
        </Flex>
      ) : (
        <Form id="tablet" onSubmit={() => void handleSubmit(({ name }) => offer.mutate(name))()}>
          <TextField
            id="tablet-name"
            label="What is it called?"
            hint="Such as “dome cupboard”."
            maxLength={60}
            error={offer.error?.message}
            {...register("name", { required: true })}
          />
        </Form>
      )}
    </Dialog>
  );
}
