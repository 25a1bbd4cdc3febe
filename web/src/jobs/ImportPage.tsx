import { Box, chakra, Flex } from "@chakra-ui/react";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { Alert, Button, FileDrop, TextArea } from "../ui";
import { ImportReview } from "./ImportReview";
import { jobApi } from "../job/jobApi";
import { KnownLayouts } from "./KnownLayouts";

const largest = 24 * 1024 * 1024;
const unstored = "Nothing was stored.";

/** A wire list comes in: by file or by paste; read, asked about, looked at, and only then imported. */
export function ImportPage() {
  const [params] = useSearchParams();
  const job = params.get("job");
  const [text, setText] = useState("");
  const begin = useMutation({
    mutationFn: async (what: File | string) => {
      // Said before anything is sent: a browser that is cut off while it sends hears no sentence.
      if (typeof what !== "string" && what.size > largest) {
        throw new Error(`${what.name} is larger than 24 MB: that is no wire list.`);
      }
      return typeof what === "string"
        ? jobApi.readText({ text: what, jobId: job })
        : jobApi.readFile(what, job);
    },
  });
  const into = useQuery({
    queryKey: ["job", job, "overview"],
    queryFn: () => jobApi.open(job ?? ""),
    enabled: job !== null,
  });
  if (begin.data) {
    return <ImportReview first={begin.data} into={into.data ?? null} onAgain={() => begin.reset()} />;
  }
  const refused = begin.error?.message;
  return (
    <Flex direction="column" gap={3} maxW="900px">
      <chakra.h1 textStyle="title">
        {into.data ? `Import a wire list into ${into.data.title.name}` : "Import a wire list"}
      </chakra.h1>
      <FileDrop
        id="list-file"
        label="Choose a file, or drop it here"
        accept=".csv,.tsv,.txt,.xlsx"
        onFile={(file) => begin.mutate(file)}
      >
        <Box color="ink.soft" textStyle="dense">
          CSV, TSV or XLSX, with whatever headings it has. You see how each row was read before anything is
          stored.
        </Box>
      </FileDrop>
      <TextArea
        id="list-text"
        label="Or paste it from a spreadsheet, headings too"
        value={text}
        rows={6}
        placeholder={"Wire\tFrom\tTo\tSize\tColour\n1\tDCP/X1:1\tDCP/X2:1\t2.5\tBK"}
        onChange={(event) => setText(event.target.value)}
      />
      <Button alignSelf="start" disabled={!text.trim() || begin.isPending} onClick={() => begin.mutate(text)}>
        Read the list
      </Button>
      <Box role="status">{begin.isPending && "Reading the list…"}</Box>
      {refused && (
        <Alert status="error">{refused.includes(unstored) ? refused : `${refused} ${unstored}`}</Alert>
      )}
      <KnownLayouts />
    </Flex>
  );
}
