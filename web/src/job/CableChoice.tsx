import { useQuery } from "@tanstack/react-query";
import { Checkbox, Select } from "../ui";
import { jobApi, type Wire } from "./jobApi";

type OfWire = Wire["wire"];

/** The cable or cord that a wire is a conductor of, and which side of it, where the two are told apart by ribs. */
export function CableChoice({
  job,
  wire,
  keep,
}: {
  job: string;
  wire: OfWire;
  keep: (change: (wire: OfWire) => Partial<OfWire>) => void;
}) {
  const overview = useQuery({ queryKey: ["job", job, "overview"], queryFn: () => jobApi.open(job) });
  const cables = overview.data?.cables ?? [];
  const mine = cables.find(({ part }) => part.id === wire.cableId)?.part;
  return (
    <>
      {cables.length > 0 && (
        <Select
          label="Conductor of cable or cord"
          value={wire.cableId ?? ""}
          onChange={(cable) => keep(() => ({ cableId: cable || null, inCord: false, twinSide: "none" }))}
          options={[
            ["", "none: a single wire"],
            ...cables.map(({ part }): [string, string] => [part.id, part.name]),
          ]}
        />
      )}
      {mine?.count === 2 && (
        <Select
          label="Its side, where one is ribbed"
          value={wire.twinSide ?? "none"}
          onChange={(twinSide) => keep(() => ({ twinSide }))}
          options={[
            ["none", "not said"],
            ["ribbed", "ribbed or marked"],
            ["smooth", "smooth"],
          ]}
        />
      )}
      {!mine && (
        <Checkbox checked={wire.inCord ?? false} onChange={(inCord) => keep(() => ({ inCord }))}>
          The wire is in a flexible cord
        </Checkbox>
      )}
    </>
  );
}
