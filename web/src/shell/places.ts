import { BookOpenCheck, Cable, Library, type LucideIcon } from "lucide-react";

/** The places that are built, in the order of the work. Number keys follow it. */
export const places: { path: string; name: string; icon: LucideIcon }[] = [
  { path: "/bench", name: "Bench", icon: Cable },
  { path: "/log", name: "Log", icon: BookOpenCheck },
  { path: "/shelf", name: "Shelf", icon: Library },
];
