import { Box, Grid } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { api, type Schemas } from "../client";
import { useRemembered } from "../shared/remembered";
import { NumberField } from "../shared/NumberField";
import { Disclosure } from "../ui";

type Prices = Required<Schemas["BeltedTool"]>;

const fields: [keyof Prices, string][] = [
  ["toolPrice", "Tool costs more"],
  ["hourlyWage", "An hour of work"],
  ["looseSeconds", "Loose, s an end"],
  ["beltedSeconds", "Belted, s an end"],
  ["loosePrice", "A loose ferrule"],
  ["beltedPrice", "A belted ferrule"],
];

/** From which count a strip-cut-crimp tool with belted ferrules pays, at prices and times of one's own. */
export function BeltFields() {
  const usual = useQuery({ queryKey: ["belt", "usual"], queryFn: api.usualBelt, staleTime: Infinity });
  const [own, setOwn] = useRemembered<Partial<Prices>>("belt", {});
  const prices = { ...usual.data?.usual, ...own } as Prices;
  const answer = useQuery({
    queryKey: ["belt", prices],
    queryFn: () => api.belt(prices),
    enabled: usual.data !== undefined,
    placeholderData: (before) => before,
  });
  return (
    <Disclosure label="When a belted tool pays">
      <Grid templateColumns="1fr 1fr" gap={2} alignItems="end">
        {fields.map(([member, label]) => (
          <NumberField
            key={member}
            label={label}
            value={prices[member] ?? null}
            onChange={(value) => value !== null && setOwn({ ...own, [member]: value })}
          />
        ))}
      </Grid>
      <Box role="status" mt={1} fontWeight={600} color={(answer.error ?? usual.error) ? "stop" : undefined}>
        {(answer.error ?? usual.error)?.message ?? answer.data?.says}
      </Box>
      <Box color="ink.soft" textStyle="dense">
        {usual.data?.says}
      </Box>
    </Disclosure>
  );
}
