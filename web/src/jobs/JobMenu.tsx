import { Box } from "@chakra-ui/react";
import { Download, Ellipsis, FileUp, PencilLine, Printer, Scale } from "lucide-react";
import { useState } from "react";
import { useNavigate } from "react-router";
import { HouseRulesContext, type HouseRules } from "../house/houseRules";
import { HouseRulesDialog } from "../house/HouseRulesDialog";
import type { Schemas } from "../client";
import { Button, exportFile, Menu } from "../ui";
import { PartForm, type PartField } from "../job/PartForm";
import { useChanges } from "../job/useChanges";

const fields: PartField[] = [
  { name: "name", label: "Name", kind: "text" },
  { name: "note", label: "Note", kind: "text" },
];

/** What is done with a whole job: its name, note and house rules, a list into it, files out of it, paper. */
export function JobMenu({ job }: { job: Schemas["JobOverview"] }) {
  const { put } = useChanges();
  const navigate = useNavigate();
  const [open, setOpen] = useState<"title" | "rules" | null>(null);
  const title: Schemas["JobPartJobTitle"] = { ...job.title, part: "title" };
  const change = (rules: HouseRules) => void put({ ...title, houseRules: rules }, job.version);
  const out = (file: string, query = "") =>
    void exportFile(`/api/jobs/${title.id}/export/${file}${query}`, `${title.name} ${file}`);
  return (
    <>
      <Menu
        trigger={
          <Button variant="ghost" aria-label="More for this job">
            <Ellipsis aria-hidden />
            <Box as="span" display={{ base: "none", md: "inline" }}>
              More
            </Box>
          </Button>
        }
        items={[
          { name: "Rename", icon: <PencilLine aria-hidden />, onSelect: () => setOpen("title") },
          { name: "House rules of this job", icon: <Scale aria-hidden />, onSelect: () => setOpen("rules") },
          {
            name: "Import wire list",
            icon: <FileUp aria-hidden />,
            onSelect: () => void navigate(`/import?job=${title.id}`),
          },
          { name: "Export wires, XLSX", icon: <Download aria-hidden />, onSelect: () => out("wires.xlsx") },
          { name: "Export wires, CSV", icon: <Download aria-hidden />, onSelect: () => out("wires.csv") },
          { name: "Export wires, TSV", icon: <Download aria-hidden />, onSelect: () => out("wires.tsv") },
          {
            name: "Export wires, all columns, CSV",
            icon: <Download aria-hidden />,
            onSelect: () => out("wires.csv", "?own=true"),
          },
          { name: "Export job file", icon: <Download aria-hidden />, onSelect: () => out("job.json") },
          {
            name: "Print the board",
            icon: <Printer aria-hidden />,
            onSelect: () => void navigate(`/print/${title.id}`),
          },
        ]}
      />
      {open === "title" && (
        <PartForm
          title="This job"
          part={title}
          version={job.version}
          fields={fields}
          keepIt
          onClose={() => setOpen(null)}
        />
      )}
      <HouseRulesContext value={{ rules: job.title.houseRules ?? {}, change }}>
        <HouseRulesDialog
          open={open === "rules"}
          onClose={() => setOpen(null)}
          whose="These are this job’s own: changing one judges the whole job anew, and can be undone."
        />
      </HouseRulesContext>
    </>
  );
}
