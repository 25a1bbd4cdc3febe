import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import { useSize } from "../shared/useSize";
import { Button, Slider } from "../ui";

// A bank card (ISO/IEC 7810 ID-1) in millimetres.
const card = { long: 85.6, short: 53.98 };
// What browsers take a millimetre for until somebody measures: 96 pixels an inch.
const usual = 96 / 25.4;
const bounds = { least: 2.2, most: 9 };

/** How large this screen draws a millimetre: a bank card is laid on an outline, and the outline dragged to fit it. */
export function Calibrate({
  pixels,
  onDone,
  onCancel,
}: {
  pixels: number | null;
  onDone: (pixels: number) => void;
  onCancel: () => void;
}) {
  const [scale, setScale] = useState(pixels ?? usual);
  const [ref, room] = useSize<HTMLDivElement>();
  // A phone is narrower than a card is long: there it lies upright.
  const upright = room.width > 0 && room.width < card.long * scale + 4;
  const [width, height] = upright ? [card.short, card.long] : [card.long, card.short];
  const drag = (event: React.PointerEvent<HTMLDivElement>) => {
    if (event.buttons !== 1) return;
    const left = event.currentTarget.parentElement?.getBoundingClientRect().left ?? 0;
    setScale(Math.min(bounds.most, Math.max(bounds.least, (event.clientX - left) / width)));
  };
  return (
    <Flex direction="column" gap={3} ref={ref} role="group" aria-label="Calibrate the screen">
      <Box>
        Lay a bank card on the outline, its corner on the upper left one, and drag the right edge until they
        match. It is done once for this screen.
      </Box>
      <Box
        position="relative"
        data-card
        flex="none"
        style={{ width: `${width * scale}px`, height: `${height * scale}px` }}
        borderWidth="2px"
        borderColor="copper"
        rounded="lg"
        bg="copper.wash"
      >
        <Box
          position="absolute"
          top={0}
          bottom={0}
          right="-22px"
          w="44px"
          cursor="ew-resize"
          style={{ touchAction: "none" }}
          onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
          onPointerMove={drag}
          data-card-edge
        />
      </Box>
      <Slider
        label="Width"
        min={bounds.least}
        max={bounds.most}
        step={0.01}
        value={scale}
        onChange={setScale}
      />
      <Flex gap={2}>
        <Button variant="solid" onClick={() => onDone(scale)}>
          The card fits
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </Flex>
    </Flex>
  );
}
