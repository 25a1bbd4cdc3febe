import { chakra } from "@chakra-ui/react";
import type { ComponentProps } from "react";

const Target = chakra("button", {
  base: {
    position: "absolute",
    boxSize: "target",
    transform: "translate(-50%, -50%)",
    display: "grid",
    placeItems: "center",
    cursor: "pointer",
  },
});
const Ring = chakra("span", {
  base: {
    display: "grid",
    placeItems: "center",
    boxSize: "28px",
    rounded: "full",
    borderWidth: "2px",
    borderColor: "copper",
    bg: "paper.raised",
    color: "ink",
    fontWeight: 700,
  },
  variants: {
    look: {
      plain: {},
      // What it marks is seen through it.
      open: { bg: "transparent", color: "transparent" },
      chosen: { bg: "copper", color: "copper.ink" },
      wrong: { bg: "stop", borderColor: "stop", color: "paper.raised" },
    },
  },
});

/** A numbered place on a picture, to tap; where it stands is said in percent of the picture. */
export function Spot({
  x,
  y,
  look = "plain",
  children,
  ...rest
}: Omit<ComponentProps<typeof Target>, "x" | "y" | "left" | "top"> & {
  x: number;
  y: number;
  look?: "plain" | "open" | "chosen" | "wrong";
}) {
  return (
    <Target type="button" style={{ left: `${x}%`, top: `${y}%` }} {...rest}>
      <Ring look={look}>{children}</Ring>
    </Target>
  );
}
