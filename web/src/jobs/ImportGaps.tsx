import { Box } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { Alert } from "../ui";

/** What of a list is not said or not read: counted before anything is accepted, so that nothing is lost in silence. */
export function ImportGaps({ gaps, wrong }: { gaps: Schemas["ListGaps"]; wrong: number }) {
  const said = [
    count(gaps.withoutFrom, "wire starts nowhere", "wires start nowhere"),
    count(gaps.withoutTo, "wire ends nowhere", "wires end nowhere"),
    count(gaps.withoutSize, "wire has no size", "wires have no size"),
    gaps.notRead.length > 0 &&
      `${gaps.notRead.length === 1 ? "One column is" : `${gaps.notRead.length} columns are`} not read: ${gaps.notRead.join(", ")}`,
  ].filter((line) => line !== false);
  if (said.length === 0) {
    // What is wrong is told below; until it is put right, not every wire is read.
    return wrong > 0 ? null : (
      <Box textStyle="dense" color="ink.soft">
        Every wire has both ends and a size, and every column is read.
      </Box>
    );
  }
  return (
    <Alert status="warning">
      {said.map((line) => (
        <Box key={line}>{line}.</Box>
      ))}
    </Alert>
  );
}

const count = (of: number, one: string, many: string) => of > 0 && (of === 1 ? `1 ${one}` : `${of} ${many}`);
