import { Box, Flex } from "@chakra-ui/react";
import { memo, type RefObject } from "react";
import { useNavigate } from "react-router";
import { Choice } from "../shared/Choice";
import { Action } from "../shared/Panel";
import type { Eyes } from "./BoardView";

export type ShownAs = "drawing" | "table";

/** How the board is shown, how near, and what stands beside it: a landing more, paper. */
export const BoardTools = memo(function BoardTools({
  job,
  as,
  onAs,
  eyes,
  onAddLanding,
}: {
  job: string;
  as: ShownAs;
  onAs: (as: ShownAs) => void;
  eyes: RefObject<Eyes | null>;
  onAddLanding: () => void;
}) {
  const navigate = useNavigate();
  return (
    <>
      <Box w="200px">
        <Choice
          label="Shown as"
          value={as}
          onChange={onAs}
          options={[
            ["drawing", "Drawing"],
            ["table", "Table"],
          ]}
        />
      </Box>
      {as === "drawing" && (
        <Flex gap={1}>
          <Action onClick={() => eyes.current?.nearer()} aria-label="Nearer (+)">
            +
          </Action>
          <Action onClick={() => eyes.current?.farther()} aria-label="Farther (−)">
            −
          </Action>
          <Action onClick={() => eyes.current?.fit()} aria-label="All of it (0)">
            All
          </Action>
        </Flex>
      )}
      <Action onClick={onAddLanding}>Add a landing</Action>
      <Action onClick={() => void navigate(`/print/${job}`)}>Print</Action>
    </>
  );
});
