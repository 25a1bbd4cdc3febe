import { Box, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../client";
import { jobApi } from "../job/jobApi";
import { Button, ErrorMessage, exportFile, FileButton, Panel, PanelTitle, TextField, toast } from "../ui";

type Layout = Schemas["ListLayout"];
const key = ["list-layouts"];

/** Layouts of lists that were imported before: the next list with such headings asks nothing. */
export function KnownLayouts() {
  const queries = useQueryClient();
  const known = useQuery({ queryKey: key, queryFn: jobApi.layouts });
  const settle = () => queries.invalidateQueries({ queryKey: key });
  const rename = useMutation({
    mutationFn: ({ id, name }: { id: string; name: string }) => jobApi.renameLayout(id, name),
    onSettled: settle,
  });
  const back = useMutation({
    mutationFn: (layout: Layout) => jobApi.takeLayouts([layout]),
    onSettled: settle,
  });
  const take = useMutation({
    mutationFn: async (file: File) => jobApi.takeLayouts(await layoutsIn(file)),
    onSuccess: ({ taken }) => toast(`Took ${taken} ${taken === 1 ? "layout" : "layouts"}.`),
    onSettled: settle,
  });
  const remove = useMutation({
    mutationFn: (layout: Layout) => jobApi.deleteLayout(layout.id),
    onSuccess: (_, layout) => toast(`Deleted ${layout.name}.`, { undo: () => back.mutate(layout) }),
    onSettled: settle,
  });
  const takeFile = (
    <FileButton
      label="Import layouts"
      accept=".json,application/json"
      variant="plain"
      onFile={(file) => take.mutate(file)}
    />
  );
  if (!known.data?.length) {
    return (
      <Box>
        {known.data && takeFile}
        <ErrorMessage of={known.error ?? take.error} />
      </Box>
    );
  }
  return (
    <Panel as="section" aria-label="Lists that are known">
      <Flex justifyContent="space-between" alignItems="baseline" gap={3} flexWrap="wrap">
        <PanelTitle>Lists that are known by their headings</PanelTitle>
        <Flex gap={2}>
          <Button
            variant="plain"
            onClick={() => void exportFile("/api/list-layouts", "lacet-list-layouts.json")}
          >
            Export
          </Button>
          {takeFile}
        </Flex>
      </Flex>
      {known.data.map((layout) => (
        <Flex
          key={layout.id}
          gap={3}
          py={2}
          alignItems="flex-end"
          flexWrap="wrap"
          borderTopWidth="1px"
          borderColor="line"
          data-layout={layout.name}
        >
          <LayoutName layout={layout} onRename={(name) => rename.mutate({ id: layout.id, name })} />
          <Box flex="2 1 260px" textStyle="dense" color="ink.soft" pb={2}>
            {layout.headings.filter(Boolean).join(", ")}
          </Box>
          <Button onClick={() => remove.mutate(layout)} aria-label={`Delete ${layout.name}`}>
            Delete
          </Button>
        </Flex>
      ))}
      <ErrorMessage of={rename.error ?? remove.error ?? back.error ?? take.error} />
    </Panel>
  );
}

/** The layouts in a file that was exported. */
async function layoutsIn(file: File): Promise<Layout[]> {
  const found = await file
    .text()
    .then((text): unknown => JSON.parse(text))
    .catch(() => null);
  if (!Array.isArray(found))
    throw new Error(`${file.name} holds no layouts: they are exported here as JSON.`);
  return found as Layout[];
}

function LayoutName({ layout, onRename }: { layout: Layout; onRename: (name: string) => void }) {
  const [name, setName] = useState(layout.name);
  const done = () => {
    if (name.trim() && name.trim() !== layout.name) onRename(name.trim());
  };
  return (
    <Box flex="1 1 180px">
      <TextField
        id={`layout-${layout.id}`}
        label="Name"
        value={name}
        maxLength={200}
        autoComplete="off"
        onChange={(event) => setName(event.target.value)}
        onBlur={done}
        onKeyDown={(event) => event.key === "Enter" && done()}
      />
    </Box>
  );
}
