import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { LandingPicker } from "../landing/LandingPicker";
import { api, named, type Schemas } from "../client";
import { PartForm } from "./PartForm";
import { landingFields } from "./partFields";
import { SpliceFields, usualSplice } from "./SpliceFields";
import { Button, Select } from "../ui";

export type JobLanding = Schemas["JobPartJobLanding"];

/** A landing of a job: what it is for, its device, and what it is, from the Shelf or by its own marking. */
export function LandingForm({
  part,
  version,
  devices,
  onClose,
}: {
  part: JobLanding;
  version: number | null;
  devices: { id: string; name: string }[];
  onClose: () => void;
}) {
  const shelf = useQuery({
    queryKey: ["shelf", "landing", "all"],
    queryFn: ({ signal }) => api.shelf("landing", "", "", signal),
  });
  const kinds = useQuery({ queryKey: ["landings"], queryFn: api.landingKinds, staleTime: Infinity });
  const usual = kinds.data?.[0]?.samples[0];
  return (
    <PartForm
      title={part.name || "New landing"}
      part={part}
      version={version}
      fields={landingFields}
      onClose={onClose}
    >
      {(draft, change) => (
        <Box mt={3}>
          <Select
            label="Device"
            value={draft.deviceId ?? ""}
            options={[["", "none"], ...devices.map(({ id, name }): [string, string] => [id, name])]}
            onChange={(device) => change({ deviceId: device || null })}
          />
          {draft.splice ? (
            <Box mt={3}>
              <SpliceFields
                splice={draft.splice}
                onChange={(splice) => change({ splice })}
                onNone={() => change({ splice: null })}
              />
            </Box>
          ) : (
            <Box mt={3}>
              <Select
                label="From the Shelf"
                value={draft.landing?.id ?? ""}
                options={[
                  ["", "by its own marking, below"],
                  ...(shelf.data?.items ?? []).map(({ id, item }): [string, string] => [
                    id,
                    `${item.code} · ${item.name}`,
                  ]),
                ]}
                onChange={(item) => {
                  const entry = shelf.data?.items.find(({ id }) => id === item)?.item;
                  if (entry?.kind === "landing") {
                    change({ landing: { ...named(entry.landing), id: item, trust: entry.trust ?? null } });
                  }
                }}
              />
              <Box mt={3}>
                {draft.landing ? (
                  <LandingPicker
                    landing={named(draft.landing)}
                    onChange={(landing) =>
                      change({
                        landing: {
                          ...(landing as NonNullable<JobLanding["landing"]>),
                          id: null,
                          trust: null,
                        },
                      })
                    }
                  />
                ) : (
                  <>
                    <Button
                      disabled={!usual}
                      onClick={() => usual && change({ landing: named(usual.landing) })}
                    >
                      Say what it is
                    </Button>
                    <Button variant="plain" onClick={() => change({ splice: usualSplice })}>
                      A splice
                    </Button>
                  </>
                )}
              </Box>
            </Box>
          )}
        </Box>
      )}
    </PartForm>
  );
}
