import { Box, chakra, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useNavigate } from "react-router";
import { useHouseRules } from "../house/houseRules";
import type { Schemas } from "../client";
import { ColumnDoubts } from "./ColumnDoubts";
import { ImportColumns, withMeaning } from "./ImportColumns";
import { ImportGaps } from "./ImportGaps";
import { ImportQuestions } from "./ImportQuestions";
import { ImportRows } from "./ImportRows";
import { jobApi, type Import } from "../job/jobApi";
import { Alert, Button, ErrorMessage, Panel, Progress, TextField } from "../ui";

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
    return <StillReading refusal={refusal} rows={rowsRead} onCancel={cancel} />;
  }
  const say = (settings: Partial<Schemas["ImportSettings"]>) =>
    change.mutate({ ...preview.settings, ...settings });
  return (
    <Flex direction="column" gap={3}>
      <Flex gap={3} alignItems="baseline" flexWrap="wrap">
        <chakra.h1 textStyle="title">
          {preview.added} new
          {into && `, ${preview.changed} changed, ${preview.same} there already`}, {preview.wrong} wrong
          {preview.removed.length > 0 && `, ${preview.removed.length} deleted`}
          {preview.cables > 0 && `, ${counted(preview.cables, "cable")}`}
          {preview.bridges > 0 && `, ${counted(preview.bridges, "bridge")}`}
          {preview.removedBridges > 0 && `, ${counted(preview.removedBridges, "bridge")} deleted`}
        </chakra.h1>
        <Button variant="plain" px={0} onClick={cancel}>
          Choose another file
        </Button>
      </Flex>
      {preview.layout && (
        <Box data-layout={preview.layout.name}>
          Read as “{preview.layout.name}” was: its headings are the same.{" "}
          <Button
            variant="plain"
            onClick={() => say({ afresh: true, answers: null, columns: null, said: null })}
          >
            Read afresh
          </Button>
        </Box>
      )}
      <ImportGaps gaps={preview.gaps} wrong={preview.wrong} />
      {preview.notices.map((notice) => (
        <Box key={notice} textStyle="dense" color="ink.soft">
          {notice}
        </Box>
      ))}
      <TakeIt
        preview={preview}
        name={into ? null : name}
        onName={setName}
        busy={accept.isPending || change.isPending}
        error={accept.error ?? change.error ?? reading.error}
        onTake={() => accept.mutate(preview.wrong > 0)}
      />
      <ColumnDoubts
        doubts={preview.doubts}
        onChoose={(index, meaning) => say(withMeaning(preview, index, meaning))}
      />
      <ImportQuestions preview={preview} into={into !== null} onChange={say} />
      <ImportColumns preview={preview} onChange={say} />
      <ImportRows
        id={first.id}
        preview={preview}
        onCorrect={(corrections) =>
          say({ corrections: [...(preview.settings.corrections ?? []), ...corrections] })
        }
      />
    </Flex>
  );
}

const counted = (of: number, one: string) => `${of} ${of === 1 ? one : `${one}s`}`;

/** How far the reading is, or why there is none. */
function StillReading({
  refusal,
  rows,
  onCancel,
}: {
  refusal: string | null;
  rows: number;
  onCancel: () => void;
}) {
  return (
    <Panel maxW="600px">
      {refusal ? (
        <>
          <Alert status="error">{refusal}</Alert>
          <Button mt={2} onClick={onCancel}>
            Choose another file
          </Button>
        </>
      ) : (
        <Progress label={`Reading the list: ${rows} rows so far.`} value={null} max={1} onCancel={onCancel} />
      )}
    </Panel>
  );
}

/** Who takes how much of it, and as which job. */
function TakeIt({
  preview,
  name,
  onName,
  busy,
  error,
  onTake,
}: {
  preview: NonNullable<Import["preview"]>;
  /** What a new job is called; null where the list goes into one that is there. */
  name: string | null;
  onName: (name: string) => void;
  busy: boolean;
  error: Error | null;
  onTake: () => void;
}) {
  const good = preview.added + preview.changed;
  const all = good + preview.removed.length + preview.bridges + preview.removedBridges;
  const bridges = preview.bridges > 0 ? ` and ${counted(preview.bridges, "bridge")}` : "";
  const isNameless = name !== null && !name.trim();
  return (
    <Panel>
      <Flex gap={3} alignItems="flex-end" flexWrap="wrap">
        {name !== null && (
          <Box flex="1 1 240px">
            <TextField
              id="import-name"
              label="What is the job called?"
              value={name}
              maxLength={200}
              autoComplete="off"
              onChange={(event) => onName(event.target.value)}
            />
          </Box>
        )}
        <Button
          variant="solid"
          missing={isNameless && "Name the job."}
          disabled={all === 0 || busy}
          onClick={onTake}
        >
          {preview.wrong > 0 ? `Import only the ${good} good rows${bridges}` : `Import all ${good}${bridges}`}
        </Button>
      </Flex>
      <ErrorMessage of={error} />
    </Panel>
  );
}
