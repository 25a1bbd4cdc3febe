import { Box, chakra, Flex } from "@chakra-ui/react";
import { Fragment } from "react";
import type { Schemas } from "../client";

type Stop = Schemas["WayStopDocument"];

const Dot = chakra("span", {
  base: {
    w: "12px",
    h: "12px",
    rounded: "full",
    borderWidth: "3px",
    borderColor: "ink",
    bg: "paper",
    flex: "none",
  },
  variants: { end: { true: { bg: "stop", borderColor: "stop" } } },
});

const Line = chakra("span", {
  base: { h: "3px", minW: "14px", flex: "0 1 22px", bg: "copper", alignSelf: "flex-start", mt: "12px" },
});

/**
 * A way through the job as a line of stops: landings as rings, the wires between them as the line; where it should not
 * be, its ends stand out.
 */
export function WayLine({ way, isWrong = false }: { way: Stop[]; isWrong?: boolean }) {
  return (
    <Flex
      as="ol"
      listStyleType="none"
      flexWrap="wrap"
      alignItems="flex-start"
      rowGap={1}
      aria-label="The way"
    >
      {way.map((stop, i) => {
        const isEnd = i === 0 || i === way.length - 1;
        return (
          <Fragment key={`${stop.says}${i}`}>
            {i > 0 && <Line aria-hidden />}
            <Flex as="li" alignItems="center" gap="5px" px="4px" minH="27px">
              {stop.landingId && <Dot aria-hidden end={isEnd && isWrong} />}
              <Box
                as="span"
                textStyle="dense"
                fontWeight={isEnd ? 700 : 400}
                color={stop.wireId && !isEnd ? "ink.soft" : "ink"}
              >
                {stop.says}
              </Box>
            </Flex>
          </Fragment>
        );
      })}
    </Flex>
  );
}
