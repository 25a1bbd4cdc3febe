import { Box, Flex, Grid, chakra, useMediaQuery } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import { useInfiniteQuery } from "@tanstack/react-query";
import { CircleCheck } from "lucide-react";
import { useState } from "react";
import type { Schemas } from "../client";
import { jobApi } from "./jobApi";
import { HarmPlot } from "../shown/plots";
import { sayCheck, severities } from "../shown/severity";
import { useUnits } from "../shared/Units";
import { AcceptDialog } from "./AcceptDialog";
import { FindingCard } from "./FindingCard";
import { Button, Disclosure, EmptyState, ErrorMessage, Loading, Panel, PanelTitle, Segments } from "../ui";

type Shown = "all" | "stop" | "fix" | "note" | "accepted";
const pageSize = 60;

/** What must not be energised, what to put right, what to know: grouped, each beside its section. */
export function FindingsTab({ job }: { job: string }) {
  const say = useSay();
  const { lead } = useUnits();
  const [shown, setShown] = useState<Shown>("all");
  const [check, setCheck] = useState<string | null>(null);
  const [accepting, setAccepting] = useState<Schemas["JobFindingDocument"] | null>(null);
  const pages = useInfiniteQuery({
    queryKey: ["job", job, "findings", shown, check, lead],
    queryFn: ({ pageParam }) =>
      jobApi.findings(
        job,
        {
          ...(shown === "stop" || shown === "fix" || shown === "note" ? { severity: shown } : {}),
          ...(check ? { check } : {}),
          accepted: shown === "accepted",
          offset: pageParam,
          limit: pageSize,
        },
        lead,
      ),
    initialPageParam: 0,
    getNextPageParam: (page) => page.next,
    placeholderData: (before) => before,
  });
  const groups = pages.data?.pages[0]?.groups ?? [];
  const items = pages.data?.pages.flatMap((page) => page.items) ?? [];
  const count = (of: Shown) =>
    groups.reduce(
      (sum, group) =>
        sum + (of === "accepted" ? group.accepted : of === "all" || group.severity === of ? group.open : 0),
      0,
    );
  const leads = new Set(items.map(({ key }) => key));
  if (pages.error) return <ErrorMessage of={pages.error} />;
  if (!pages.data) return <Loading what="Reading what was found…" height="96px" />;
  const harms = pages.data.pages[0]?.harms ?? [];
  return (
    <Grid
      gap={3}
      templateColumns={{ base: "minmax(0, 1fr)", xl: "minmax(0, 1100px) 300px" }}
      alignItems="start"
    >
      <ByHarm harms={harms} />
      <Flex direction="column" gap={3} gridColumn={1} gridRow={{ xl: 1 }} minW={0}>
        <Segments
          label="Which findings"
          value={shown}
          onChange={(next) => {
            setShown(next);
            setCheck(null);
          }}
          options={[
            ["all", `All ${count("all")}`],
            ["stop", `Stop ${count("stop")}`],
            ["fix", `Fix ${count("fix")}`],
            ["note", `Note ${count("note")}`],
            ["accepted", `Accepted ${count("accepted")}`],
          ]}
        />
        {check && (
          <Flex alignItems="center" gap={2}>
            Only “{say(sayCheck(check))}”.
            <Button variant="plain" onClick={() => setCheck(null)}>
              Show the rest
            </Button>
          </Flex>
        )}
        {items.length === 0 && (
          <EmptyState icon={<CircleCheck />} title={shown === "all" ? "Nothing was found" : "None of these."}>
            {shown === "all" &&
              "Every end fits its landing, and every circuit its breaker, as far as the list tells."}
          </EmptyState>
        )}
        {(["stop", "fix", "note"] as const).map((severity) => {
          // What follows from another finding is told with it: one cause is one thing to put right.
          const mine = items.filter((item) => item.severity === severity && !leads.has(item.follows ?? ""));
          const { icon: Icon, word, means, colour } = severities[severity];
          return (
            mine.length > 0 && (
              <Box as="section" key={severity} aria-label={word}>
                <Flex gap={2} alignItems="center" color={colour} mb={2}>
                  <Icon aria-hidden size={24} />
                  <chakra.h2 textStyle="heading">{word}</chakra.h2>
                  <span>{means}</span>
                </Flex>
                <Flex as="ul" direction="column" gap={2} listStyleType="none">
                  {mine.map((finding, i) => (
                    <FindingCard
                      key={finding.key}
                      job={job}
                      finding={finding}
                      following={items.filter((other) => other.follows === finding.key)}
                      heading={
                        mine[i - 1]?.check === finding.check
                          ? null
                          : (groups.find((g) => g.check === finding.check && g.severity === severity) ?? null)
                      }
                      onOnly={() => setCheck(finding.check)}
                      onAccept={() => setAccepting(finding)}
                    />
                  ))}
                </Flex>
              </Box>
            )
          );
        })}
        {pages.hasNextPage && (
          <Button alignSelf="start" onClick={() => void pages.fetchNextPage()}>
            More
          </Button>
        )}
        {accepting && <AcceptDialog job={job} finding={accepting} onClose={() => setAccepting(null)} />}
      </Flex>
    </Grid>
  );
}

/** What the open findings would do to whom: beside the list where there is room, else folded above it. */
function ByHarm({ harms }: { harms: Schemas["HarmCount"][] }) {
  const [wide = true] = useMediaQuery(["(min-width: 80rem)"], { ssr: false });
  if (harms.length === 0) return null;
  const plot = <HarmPlot harms={harms} />;
  return wide ? (
    <Panel as="section" aria-label="By harm" gridColumn={2} gridRow={1}>
      <PanelTitle>By harm</PanelTitle>
      {plot}
    </Panel>
  ) : (
    <Disclosure label="By harm">{plot}</Disclosure>
  );
}
