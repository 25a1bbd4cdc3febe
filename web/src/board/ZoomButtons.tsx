import { Flex } from "@chakra-ui/react";
import { Maximize, ZoomIn, ZoomOut } from "lucide-react";
import { Button } from "../ui";

/** How near the board is looked at, in its corner. */
export function ZoomButtons({
  onIn,
  onOut,
  onFit,
}: {
  onIn: () => void;
  onOut: () => void;
  onFit: () => void;
}) {
  return (
    <Flex
      position="absolute"
      insetEnd={2}
      bottom={2}
      gap={1}
      // What is pressed here does not move the board.
      onPointerDown={(event) => event.stopPropagation()}
    >
      <Button size="icon" onClick={onIn} aria-label="Zoom in (+)">
        <ZoomIn aria-hidden />
      </Button>
      <Button size="icon" onClick={onOut} aria-label="Zoom out (−)">
        <ZoomOut aria-hidden />
      </Button>
      <Button size="icon" onClick={onFit} aria-label="Fit (0)">
        <Maximize aria-hidden />
      </Button>
    </Flex>
  );
}
