import { Box, chakra, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useNavigate } from "react-router";
import { useHouseRules } from "../bench/houseRules";
import { PersonField } from "../bench/PersonField";
import type { Person } from "../bench/recording";
import type { Schemas } from "../client";
import { Action, Field, FieldLabel, Panel } from "../shared/Panel";
import { useRemembered } from "../shared/remembered";
import { ImportColumns } from "./ImportColumns";
import { ImportQuestions } from "./ImportQuestions";
import { ImportRows } from "./ImportRows";
import { jobApi, type Import } from "./jobApi";

/** How a list was read, row by row: columns to confirm, questions to answer, cells to put right; then it is taken. */
export function ImportReview({
  first,
  into,
  onAgain,
}: {
  first: Import;
  into: Schemas["JobOverview"] | null;
  onAgain: () => void;
}) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { rules } = useHouseRules();
  const [person, setPerson] = useRemembered<Person | null>("person", null);
  const [name, setName] = useState("");
  const [command] = useState(() => crypto.randomUUID());
  const key = ["import", first.id];
  const reading = useQuery({
    queryKey: key,
    queryFn: () => jobApi.import(first.id, 0),
    initialData: first,
    refetchInterval: ({ state }) => (state.data?.state === "reading" ? 400 : false),
  });
  const change = useMutation({
    mutationFn: (settings: Schemas["ImportSettings"]) => jobApi.changeImport(first.id, settings),
    onSuccess: (answer) => queries.setQueryData(key, answer),
  });
  const accept = useMutation({
    mutationFn: (onlyGood: boolean) =>
      jobApi.acceptImport(first.id, {
        id: command,
        personId: person?.id ?? "",
        jobName: into ? null : name,
        houseRules: into ? null : rules,
        onlyGood,
      }),
    onSuccess: (taken) => {
      void queries.invalidateQueries({ queryKey: ["job", taken.jobId] });
      void queries.invalidateQueries({ queryKey: ["jobs"] });
      void navigate(`/jobs/${taken.jobId}/findings`);
    },
    onError: () => void reading.refetch(),
  });
  const cancel = () => {
    void jobApi.cancelImport(first.id).catch(() => undefined);
    onAgain();
  };
  // A page that is left holds no file in the server's memory.
  useEffect(() => () => void jobApi.cancelImport(first.id).catch(() => undefined), [first.id]);
  const { state, rowsRead, refusal, preview } = reading.data;
  if (state === "reading" || !preview) {
    return (
      <Panel maxW="600px">
        <Box role="status">{refusal ?? `Reading the list… ${rowsRead} rows so far.`}</Box>
        <Action onClick={cancel}>{refusal ? "Choose another" : "Stop"}</Action>
      </Panel>
    );
  }
  return (
    <Flex direction="column" gap={3}>
      <Flex gap={3} alignItems="baseline" flexWrap="wrap">
        <chakra.h1 fontSize="24px" fontWeight={700}>
          {preview.added} new, {preview.changed} changed, {preview.same} there already, {preview.wrong} wrong
          {preview.removed.length > 0 && `, ${preview.removed.length} taken out`}
        </chakra.h1>
        <Action look="link" onClick={cancel}>
          Another file
        </Action>
      </Flex>
      {preview.notices.map((notice) => (
        <Box key={notice} fontSize="15px" color="ink.soft">
          {notice}
        </Box>
      ))}
      <TakeIt
        preview={preview}
        name={into ? null : name}
        onName={setName}
        person={person}
        onPerson={setPerson}
        busy={accept.isPending || change.isPending}
        error={accept.error ?? change.error ?? reading.error}
        onTake={() => accept.mutate(preview.wrong > 0)}
      />
      <ImportQuestions
        preview={preview}
        into={into !== null}
        onChange={(settings) => change.mutate({ ...preview.settings, ...settings })}
      />
      <ImportColumns
        preview={preview}
        onChange={(settings) => change.mutate({ ...preview.settings, ...settings })}
      />
      <ImportRows
        id={first.id}
        preview={preview}
        onCorrect={(corrections) =>
          change.mutate({
            ...preview.settings,
            corrections: [...(preview.settings.corrections ?? []), ...corrections],
          })
        }
      />
    </Flex>
  );
}

/** Who takes how much of it, and as which job. */
function TakeIt({
  preview,
  name,
  onName,
  person,
  onPerson,
  busy,
  error,
  onTake,
}: {
  preview: NonNullable<Import["preview"]>;
  /** What a new job is called; null where the list goes into one that is there. */
  name: string | null;
  onName: (name: string) => void;
  person: Person | null;
  onPerson: (person: Person | null) => void;
  busy: boolean;
  error: Error | null;
  onTake: () => void;
}) {
  const good = preview.added + preview.changed;
  const isNameless = name !== null && !name.trim();
  return (
    <Panel>
      <Flex gap={3} alignItems="flex-end" flexWrap="wrap">
        {name !== null && (
          <Box flex="1 1 240px">
            <FieldLabel htmlFor="import-name">What is the job called?</FieldLabel>
            <Field
              id="import-name"
              value={name}
              maxLength={200}
              autoComplete="off"
              onChange={(event) => onName(event.target.value)}
            />
          </Box>
        )}
        <PersonField person={person} onPerson={onPerson} />
        <Action
          look="main"
          disabled={!person || good + preview.removed.length === 0 || isNameless || busy}
          onClick={onTake}
        >
          {!person
            ? "Type your name first"
            : isNameless
              ? "Name the job first"
              : preview.wrong > 0
                ? `Take only the ${good} good rows`
                : `Take all ${good}`}
        </Action>
      </Flex>
      <Box role="alert" color="stop">
        {error?.message}
      </Box>
    </Panel>
  );
}
