import { useState } from "react";
import { HouseRulesContext, type HouseRules } from "../bench/houseRules";
import { HouseRulesDialog } from "../bench/HouseRulesDialog";
import type { Schemas } from "../client";
import { Action } from "../shared/Panel";
import { PartForm, type PartField } from "./PartForm";
import { useChanges } from "./useChanges";

const fields: PartField[] = [
  { name: "name", label: "Name", kind: "text" },
  { name: "note", label: "Note", kind: "text" },
];

/** A job's own name, note and house rules, changed like everything else in it. */
export function JobTitle({ job }: { job: Schemas["JobOverview"] }) {
  const { put, person } = useChanges();
  const [open, setOpen] = useState<"title" | "rules" | null>(null);
  const title: Schemas["JobPartJobTitle"] = { ...job.title, part: "title" };
  const change = (rules: HouseRules) => void put({ ...title, houseRules: rules }, job.version);
  return (
    <>
      <Action look="link" onClick={() => setOpen("title")}>
        Rename
      </Action>
      <Action
        look="link"
        disabled={!person}
        title={person ? undefined : "Type your name first"}
        onClick={() => setOpen("rules")}
      >
        House rules of this job
      </Action>
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
