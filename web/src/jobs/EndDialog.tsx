import { useState } from "react";
import { Button, Dialog, Disclosure } from "../ui";
import { EndSheet, useEnd } from "../job/EndSheet";
import { useChanges } from "../job/useChanges";
import { WireForm } from "./WireForm";

/** An end opened, over whatever it was opened from. */
export function EndDialog({
  job,
  wire,
  side: first,
  enclosure,
  onClose,
}: {
  job: string;
  wire: string;
  side: "a" | "b";
  enclosure: string;
  onClose: () => void;
}) {
  const { remove } = useChanges();
  const [side, setSide] = useState(first);
  const opened = useEnd(job, wire, side).data;
  return (
    <Dialog
      title={opened ? `Wire ${opened.wire.wire.name}` : "Wire"}
      open
      size="lg"
      onClose={onClose}
      footer={
        <>
          <Button
            variant="danger"
            me="auto"
            disabled={!opened}
            onClick={() =>
              opened &&
              void remove(opened.wire.wire.id, opened.wire.version).then((gone) => gone && onClose())
            }
          >
            Delete wire
          </Button>
          <Button variant="solid" onClick={onClose}>
            Close
          </Button>
        </>
      }
    >
      <EndSheet job={job} wire={wire} side={side} onSide={setSide}>
        {opened && (
          <Disclosure label="Edit the wire">
            <WireForm
              key={wire}
              job={job}
              enclosure={enclosure}
              wire={opened.wire}
              onSaved={() => undefined}
            />
          </Disclosure>
        )}
      </EndSheet>
    </Dialog>
  );
}
