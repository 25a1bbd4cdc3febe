/** A native input that lies, unseen, over the box that is ticked: it takes the tap itself; the words beside it are its label. */
export const overBox = {
  position: "absolute",
  insetBlock: 0,
  insetInlineStart: 0,
  width: "28px",
  height: "100%",
  margin: 0,
  clip: "auto",
  opacity: 0,
  cursor: "pointer",
  zIndex: 1,
} as const;
