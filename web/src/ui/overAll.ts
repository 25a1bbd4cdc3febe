/** A native input that lies, unseen, over all of its control: it takes the tap itself, and its own name is what is heard. */
export const overAll = {
  position: "absolute",
  inset: 0,
  width: "100%",
  height: "100%",
  margin: 0,
  clip: "auto",
  opacity: 0,
  cursor: "pointer",
  zIndex: 1,
} as const;
