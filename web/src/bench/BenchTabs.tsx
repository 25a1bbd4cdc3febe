import type { ReactNode } from "react";
import { useNavigate } from "react-router";
import { Tabs } from "../ui";

const pages = {
  bench: ["One wire", "/bench"],
  compare: ["Side by side", "/bench/compare"],
  size: ["What size?", "/bench/size"],
} as const;

export type BenchTab = keyof typeof pages;
const keys = Object.keys(pages) as BenchTab[];

/** What the Bench answers: one end, one wire in several landings, and a wire that nobody knows. */
export function BenchTabs({ open, children }: { open: BenchTab; children: ReactNode }) {
  const navigate = useNavigate();
  return (
    <Tabs
      label="At the Bench"
      value={open}
      onChange={(next) => void navigate(pages[next][1])}
      tabs={keys.map((key) => [key, pages[key][0]] as const)}
    >
      {children}
    </Tabs>
  );
}
