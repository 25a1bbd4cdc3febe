import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { api, type Schemas } from "../client";
import { InsideFields } from "../shared/InsideFields";
import { PartForm } from "../job/PartForm";
import { deviceFields } from "../job/partFields";
import { Select } from "../ui";

export type JobDevice = Schemas["JobPartDevice"];

/** Types whose inside goes by what is written at their terminals. */
const byMarks: NonNullable<JobDevice["type"]>[] = [
  "contactor",
  "relay",
  "isolator",
  "three-way-switch",
  "four-way-switch",
  "power-supply",
  "transformer",
  "motor",
  "overload-relay",
  "control-switch",
  "other",
];

/** A device of a job: what it is, what it is made for, and what it joins inside, from the Shelf or as printed on it. */
export function DeviceForm({
  part,
  version,
  onClose,
}: {
  part: JobDevice;
  version: number | null;
  onClose: () => void;
}) {
  const shelf = useQuery({
    queryKey: ["shelf", "device", "all"],
    queryFn: ({ signal }) => api.shelf("device", "", "", signal),
  });
  return (
    <PartForm
      title={part.name || "New device"}
      part={part}
      version={version}
      fields={deviceFields}
      onClose={onClose}
    >
      {(draft, change) => (
        <Box mt={3}>
          <Select
            label="Use its data from the Shelf"
            value=""
            options={[
              ["", "choose one"],
              ...(shelf.data?.items ?? []).map(({ id, item }): [string, string] => [
                id,
                `${item.code} · ${item.name}`,
              ]),
            ]}
            onChange={(chosen) => {
              const item = shelf.data?.items.find(({ id }) => id === chosen)?.item;
              if (item?.kind === "device") {
                const { type, ratedVolts, ratedCurrent, givesVolts, inside } = item;
                change({
                  type,
                  ratedVolts: ratedVolts ?? null,
                  ratedCurrent: ratedCurrent ?? "not-said",
                  givesVolts: givesVolts ?? null,
                  inside: inside ?? null,
                });
              }
            }}
          />
          {draft.type && byMarks.includes(draft.type) && (
            <InsideFields inside={draft.inside} onChange={(inside) => change({ inside })} />
          )}
        </Box>
      )}
    </PartForm>
  );
}
