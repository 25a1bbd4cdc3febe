import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { Sketch } from "../drawing/Sketch";
import { useSize } from "../shared/useSize";
import { useUnits } from "../shared/Units";
import { cordApi } from "./cordApi";

/** How the probes are held: one on a blade of the plug, the other on a bare end at the far side. */
export function MeterDrawing({ conductors }: { conductors: number }) {
  const { lead } = useUnits();
  const [ref, size] = useSize<HTMLDivElement>();
  const scene = useQuery({
    queryKey: ["cord", "meter", conductors, lead],
    queryFn: () => cordApi.meterDrawing(conductors, lead),
    staleTime: Infinity,
  }).data;
  return (
    <Box ref={ref} maxW="560px" my={2}>
      {scene && size.width > 0 && (
        <Box role="img" aria-label={scene.says}>
          <Sketch scene={scene} scale={(size.width - 4) / (scene.box.right - scene.box.left)} />
        </Box>
      )}
    </Box>
  );
}
