import { Box, chakra, Flex } from "@chakra-ui/react";
import { useInfiniteQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../client";
import { jobApi } from "./jobApi";
import { sayCheck, severities } from "../shown/severity";
import { useUnits } from "../shared/Units";
import { AcceptDialog } from "./AcceptDialog";
import { FindingCard } from "./FindingCard";
import { Button, Panel, Segments } from "../ui";

type Shown = "all" | "stop" | "fix" | "note" | "accepted";
const pageSize = 60;

/** What must not be energised, what to put right, what to know: grouped, each beside its section. */
export function FindingsTab({ job }: { job: string }) {
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
  if (pages.error) return <Panel role="alert">{pages.error.message}</Panel>;
  if (!pages.data) return <Box p={4}>Reading what was found…</Box>;
  return (
    <Flex direction="column" gap={3} maxW="1100px">
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
          Only “{sayCheck(check)}”.
          <Button variant="plain" onClick={() => setCheck(null)}>
            Show the rest
          </Button>
        </Flex>
      )}
      {items.length === 0 && (
        <Panel>
          {shown === "all"
            ? "Nothing was found: every end fits its landing, and every circuit its breaker, as far as the list tells."
            : "None of these."}
        </Panel>
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
  );
}
