import { useState } from "react";
import { DialogFrame } from "../shared/DialogFrame";
import { Action } from "../shared/Panel";
import { EndSheet, useEnd } from "./EndSheet";
import { useChanges } from "./useChanges";

/** An end opened, over whatever it was opened from. */
export function EndDialog({
  job,
  wire,
  side: first,
  onClose,
}: {
  job: string;
  wire: string;
  side: "a" | "b";
  onClose: () => void;
}) {
  const { remove } = useChanges();
  const [side, setSide] = useState(first);
  const opened = useEnd(job, wire, side).data;
  return (
    <DialogFrame
      title={opened ? `Wire ${opened.wire.wire.name}` : "Wire"}
      open
      width="760px"
      onClose={onClose}
      footer={
        <>
          <Action
            disabled={!opened}
            onClick={() =>
              opened &&
              void remove(opened.wire.wire.id, opened.wire.version).then((gone) => gone && onClose())
            }
          >
            Take the wire out
          </Action>
          <Action look="main" onClick={onClose}>
            Close
          </Action>
        </>
      }
    >
      <EndSheet job={job} wire={wire} side={side} onSide={setSide} />
    </DialogFrame>
  );
}
