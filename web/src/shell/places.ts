import {
  BookOpenCheck,
  Cable,
  ClipboardList,
  GitMerge,
  LayoutPanelTop,
  Library,
  ListChecks,
  OctagonAlert,
  Plug,
  type LucideIcon,
} from "lucide-react";

/** The places that are built, in the order of the work. Number keys follow it. */
export const places: { path: string; name: string; icon: LucideIcon }[] = [
  { path: "/jobs", name: "Jobs", icon: ClipboardList },
  { path: "/board", name: "Board", icon: LayoutPanelTop },
  { path: "/cords", name: "Cords", icon: Plug },
  { path: "/bench", name: "Bench", icon: Cable },
  { path: "/splices", name: "Splices", icon: GitMerge },
  { path: "/run", name: "Run", icon: ListChecks },
  { path: "/findings", name: "Findings", icon: OctagonAlert },
  { path: "/log", name: "Log", icon: BookOpenCheck },
  { path: "/shelf", name: "Shelf", icon: Library },
];
