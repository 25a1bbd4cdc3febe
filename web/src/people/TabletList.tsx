import { Box, chakra, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { TabletSmartphone } from "lucide-react";
import { useState } from "react";
import { Button, ErrorMessage, Panel } from "../ui";
import { PairDialog } from "./PairDialog";
import { sessionApi } from "./session";

const when = new Intl.DateTimeFormat(undefined, { dateStyle: "medium" });

/** Tablets that several people share, and a new one paired by a code on this screen. */
export function TabletList() {
  const queries = useQueryClient();
  const tablets = useQuery({ queryKey: ["tablets"], queryFn: sessionApi.tablets });
  const [pairing, setPairing] = useState(false);
  const refresh = () => queries.invalidateQueries({ queryKey: ["tablets"] });
  const unpair = useMutation({ mutationFn: sessionApi.unpairTablet, onSuccess: refresh });
  return (
    <Flex as="section" direction="column" gap={2} aria-label="Shared tablets">
      <Flex gap={3} alignItems="center" flexWrap="wrap" mt={4}>
        <chakra.h2 textStyle="title" flex={1}>
          Shared tablets
        </chakra.h2>
        <Button onClick={() => setPairing(true)}>
          <TabletSmartphone aria-hidden />
          Pair a tablet
        </Button>
      </Flex>
      <ErrorMessage of={tablets.error ?? unpair.error} />
      {tablets.data?.length === 0 && (
        <Box color="ink.soft">On a paired tablet a name and a PIN are enough to sign in.</Box>
      )}
      {tablets.data?.map((tablet) => (
        <Panel key={tablet.id}>
          <Flex gap={3} alignItems="center">
            <Box flex={1} minW={0}>
              <strong>{tablet.name}</strong>
              <Box color="ink.soft" textStyle="dense">
                Paired by {tablet.pairedBy}, {when.format(new Date(tablet.pairedAt))}
              </Box>
            </Box>
            <Button onClick={() => unpair.mutate(tablet.id)} aria-label={`Unpair ${tablet.name}`}>
              Unpair
            </Button>
          </Flex>
        </Panel>
      ))}
      {pairing && (
        <PairDialog
          onClose={() => {
            setPairing(false);
            void refresh();
          }}
        />
      )}
    </Flex>
  );
}
