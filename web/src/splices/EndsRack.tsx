import { Box, Flex } from "@chakra-ui/react";
import type { Ends } from "../shown/spliceWords";
import { Button, Checkbox, Select, TextField } from "../ui";

/** The ends that are joined, by kind: so many of a size. */
export function EndsRack({ ends, onEnds }: { ends: Ends[]; onEnds: (ends: Ends[]) => void }) {
  const change = (at: number, part: Partial<Ends>) =>
    onEnds(ends.map((one, i) => (i === at ? { ...one, ...part } : one)));
  return (
    <Box role="group" aria-label="The ends">
      {ends.map((one, i) => (
        <Box key={i} py={2} borderTopWidth={i === 0 ? 0 : "1px"} borderColor="line" data-ends={i + 1}>
          <Flex gap={2} alignItems="flex-end" flexWrap="wrap">
            <Flex alignItems="center" role="group" aria-label={`How many of ${one.size}`}>
              <Button
                aria-label={`One ${one.size} less`}
                disabled={one.count === 1 && ends.length === 1}
                onClick={() =>
                  onEnds(
                    one.count === 1
                      ? ends.filter((_, at) => at !== i)
                      : ends.map((other, at) => (at === i ? { ...other, count: other.count - 1 } : other)),
                  )
                }
              >
                −
              </Button>
              <Box
                minW="44px"
                textAlign="center"
                textStyle="title"
                fontFamily="numerals"
                fontWeight={700}
                aria-live="polite"
              >
                {one.count}
              </Box>
              <Button
                aria-label={`One ${one.size} more`}
                disabled={one.count >= 12}
                onClick={() => change(i, { count: one.count + 1 })}
              >
                +
              </Button>
            </Flex>
            <Box w="104px">
              <TextField
                id={`end-size-${i}`}
                label="Size"
                value={one.size}
                maxLength={20}
                autoComplete="off"
                onChange={(event) => change(i, { size: event.target.value })}
              />
            </Box>
            <Box flex="1 1 120px">
              <Select
                label="Build"
                value={one.build}
                onChange={(build) => change(i, { build })}
                options={[
                  ["solid", "solid"],
                  ["stranded", "stranded"],
                  ["fine-stranded", "fine-stranded"],
                ]}
              />
            </Box>
          </Flex>
          <Checkbox
            checked={one.material === "aluminium"}
            onChange={(on) => change(i, { material: on ? "aluminium" : "copper" })}
          >
            Aluminium
          </Checkbox>
          <Select
            label="Of a flat twin cable"
            value={one.side}
            onChange={(side) => change(i, { side })}
            options={[
              ["none", "no, or not known"],
              ["ribbed", "its ribbed conductor"],
              ["smooth", "its smooth conductor"],
            ]}
          />
        </Box>
      ))}
      <Button
        variant="plain"
        disabled={ends.length >= 6}
        onClick={() =>
          onEnds([...ends, { count: 1, size: "12 AWG", build: "solid", material: "copper", side: "none" }])
        }
      >
        Another size
      </Button>
    </Box>
  );
}
