import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, named, type Landing, type Schemas } from "../client";
import { LandingPicker } from "../landing/LandingPicker";
import { thin } from "../shared/Units";
import { Button, Dialog, Panel, PanelTitle, Select } from "../ui";
import { jobApi } from "./jobApi";
import { useChanges } from "./useChanges";

type Group = Schemas["LandingGroup"];

/** What the terminals of a list are, asked once for all devices whose names begin alike; nothing where all is said. */
export function KindsByGroup({ job }: { job: string }) {
  const { send, busy } = useChanges();
  const groups = useQuery({
    queryKey: ["job", job, "landing-groups"],
    queryFn: () => jobApi.landingGroups(job),
  });
  const [asked, setAsked] = useState<Group | null>(null);
  const say = async (group: Group, landing: Landing) => {
    const done = await send((id) => jobApi.sayLandings(job, { id, prefix: group.prefix, landing }));
    if (done) setAsked(null);
  };
  if (!groups.data?.length) return null;
  return (
    <Panel as="section" aria-label="What are these terminals?">
      <PanelTitle>What are these terminals?</PanelTitle>
      <Box textStyle="dense" color="ink.soft">
        The list does not say. Until somebody does, their ends are not judged.
      </Box>
      {groups.data.map((group) => (
        <Flex
          key={group.prefix}
          gap={3}
          py={2}
          alignItems="center"
          flexWrap="wrap"
          borderTopWidth="1px"
          borderColor="line"
          data-group={group.prefix}
        >
          <Box flex="1 1 240px">
            <strong>{nameOf(group)}</strong>, {group.landings}{" "}
            {group.landings === 1 ? "terminal" : "terminals"}
          </Box>
          {group.before && (
            <Button disabled={busy} onClick={() => group.before && void say(group, named(group.before))}>
              {thin(`As before: ${group.beforeSays}`)}
            </Button>
          )}
          <Button variant={group.before ? "plain" : "outline"} onClick={() => setAsked(group)}>
            Choose what {group.landings === 1 ? "it is" : "they are"}
          </Button>
        </Flex>
      ))}
      {asked && (
        <Choose
          group={asked}
          busy={busy}
          onSay={(landing) => void say(asked, landing)}
          onClose={() => setAsked(null)}
        />
      )}
    </Panel>
  );
}

/** "TB1, TB2", and no more names than a line holds. */
const nameOf = ({ devices }: Group) =>
  devices.length > 4
    ? `${devices.slice(0, 3).join(", ")} and ${devices.length - 3} more`
    : devices.join(", ");

/** The kinds as they are drawn, the Shelf's codes, and what is printed on the terminal. */
function Choose({
  group,
  busy,
  onSay,
  onClose,
}: {
  group: Group;
  busy: boolean;
  onSay: (landing: Landing) => void;
  onClose: () => void;
}) {
  const kinds = useQuery({ queryKey: ["landings"], queryFn: api.landingKinds, staleTime: Infinity });
  const shelf = useQuery({
    queryKey: ["shelf", "landing", "all"],
    queryFn: ({ signal }) => api.shelf("landing", "", "", signal),
  });
  const [chosen, setChosen] = useState<Landing | null>(null);
  const usual = kinds.data?.find(({ kind }) => kind === "screw-clamp-block")?.samples[0];
  const landing = chosen ?? (usual ? named(usual.landing) : null);
  return (
    <Dialog
      title={`What are the terminals of ${nameOf(group)}?`}
      open
      size="lg"
      onClose={onClose}
      footer={
        <Button variant="solid" disabled={!landing || busy} onClick={() => landing && onSay(landing)}>
          Save for {group.landings} {group.landings === 1 ? "terminal" : "terminals"}
        </Button>
      }
    >
      <Select
        label="From the Shelf"
        value={landing?.id ?? ""}
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
            setChosen({ ...named(entry.landing), id: item, trust: entry.trust ?? null });
          }
        }}
      />
      {landing && (
        <Box my={3}>
          <LandingPicker landing={landing} onChange={setChosen} />
        </Box>
      )}
    </Dialog>
  );
}
