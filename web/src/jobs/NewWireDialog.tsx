import { Button, Dialog } from "../ui";
import { WireForm } from "./WireForm";

/** A wire more, field by field, for where there is no room for a sheet of cells. */
export function NewWireDialog({
  job,
  enclosure,
  onClose,
}: {
  job: string;
  enclosure: string;
  onClose: () => void;
}) {
  return (
    <Dialog
      title="New wire"
      open
      size="lg"
      onClose={onClose}
      startsAt="wire-name"
      footer={<Button onClick={onClose}>Close</Button>}
    >
      <WireForm job={job} enclosure={enclosure} wire={null} onSaved={onClose} />
    </Dialog>
  );
}
