import { Box } from "@chakra-ui/react";
import { useNavigate } from "react-router";
import { Choice } from "../shared/Choice";

const pages = {
  bench: ["One wire", "/bench"],
  compare: ["Side by side", "/bench/compare"],
  size: ["What size?", "/bench/size"],
} as const;

export type BenchTab = keyof typeof pages;

/** What the Bench answers: one end, one wire in several landings, and a wire that nobody knows. */
export function BenchTabs({ open }: { open: BenchTab }) {
  const navigate = useNavigate();
  return (
    <Box maxW="520px">
      <Choice
        label="At the Bench"
        value={open}
        onChange={(next) => void navigate(pages[next][1])}
        options={(Object.keys(pages) as BenchTab[]).map((key): [BenchTab, string] => [key, pages[key][0]])}
      />
    </Box>
  );
}
