import { Box, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../client";
import { jobApi } from "../job/jobApi";
import { Button, ErrorMessage, exportFile, Panel, PanelTitle, TextField, toast } from "../ui";

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
  const remove = useMutation({
    mutationFn: (layout: Layout) => jobApi.deleteLayout(layout.id),
    onSuccess: (_, layout) => toast(`Deleted ${layout.name}.`, { undo: () => back.mutate(layout) }),
    onSettled: settle,
  });
  if (!known.data?.length) return <ErrorMessage of={known.error} />;
  return (
    <Panel as="section" aria-label="Lists that are known">
      <Flex justifyContent="space-between" alignItems="baseline" gap={3} flexWrap="wrap">
        <PanelTitle>Lists that are known by their headings</PanelTitle>
        <Button
          variant="plain"
          onClick={() => void exportFile("/api/list-layouts", "lacet-list-layouts.json")}
        >
          Export
        </Button>
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
      <ErrorMessage of={rename.error ?? remove.error ?? back.error} />
    </Panel>
  );
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
