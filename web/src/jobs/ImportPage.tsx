import { Box, chakra, Flex } from "@chakra-ui/react";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { Action, FieldLabel, Panel, PasteBox } from "../shared/Panel";
import { jobApi } from "./jobApi";
import { ImportReview } from "./ImportReview";

const largest = 24 * 1024 * 1024;

/** A wire list comes in: by file or by paste; read, asked about, looked at, and only then taken. */
export function ImportPage() {
  const [params] = useSearchParams();
  const job = params.get("job");
  const [text, setText] = useState("");
  const [over, setOver] = useState(false);
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
  return (
    <Flex direction="column" gap={3} maxW="900px">
      <chakra.h1 fontSize="24px" fontWeight={700}>
        {into.data ? `Bring a wire list into ${into.data.title.name}` : "Bring in a wire list"}
      </chakra.h1>
      <Box>
        A table as it is: CSV, TSV or XLSX, with whatever headings it has. Nothing is stored before you have
        seen how each row was read.
      </Box>
      <Panel
        p={6}
        textAlign="center"
        borderStyle="dashed"
        borderWidth="2px"
        borderColor={over ? "copper" : "line.strong"}
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={(event) => {
          event.preventDefault();
          setOver(false);
          const file = event.dataTransfer.files[0];
          if (file) begin.mutate(file);
        }}
      >
        <FieldLabel htmlFor="list-file" fontSize="17px" mb={2}>
          Choose a file, or drop it here
        </FieldLabel>
        <input
          id="list-file"
          type="file"
          accept=".csv,.tsv,.txt,.xlsx"
          style={{ minHeight: 44 }}
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = "";
            if (file) begin.mutate(file);
          }}
        />
      </Panel>
      <Box>
        <FieldLabel htmlFor="list-text">Or paste it from a spreadsheet, headings too</FieldLabel>
        <PasteBox
          id="list-text"
          value={text}
          rows={6}
          placeholder={"Wire\tFrom\tTo\tSize\tColour\n1\tDCP/X1:1\tDCP/X2:1\t2.5\tBK"}
          onChange={(event) => setText(event.target.value)}
        />
        <Action look="main" disabled={!text.trim() || begin.isPending} onClick={() => begin.mutate(text)}>
          Read it
        </Action>
      </Box>
      <Box role="status">{begin.isPending && "Reading the list…"}</Box>
      <Box role="alert" color="stop">
        {begin.error &&
          `${begin.error.message} Nothing was stored.`.replace(
            "Nothing was stored. Nothing was stored.",
            "Nothing was stored.",
          )}
      </Box>
    </Flex>
  );
}
