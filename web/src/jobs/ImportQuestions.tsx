import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import type { Schemas } from "../client";
import { Checkbox, Panel, PanelTitle, Segments, TextField } from "../ui";

type Settings = Partial<Schemas["ImportSettings"]>;

/** What is doubtful, and what only a person knows: answered by a tap, and read again at once. */
export function ImportQuestions({
  preview,
  into,
  onChange,
}: {
  preview: Schemas["ListPreview"];
  into: boolean;
  onChange: (settings: Settings) => void;
}) {
  const { settings, questions } = preview;
  return (
    <Panel as="section" aria-label="Questions">
      <PanelTitle>
        {preview.layout
          ? "Answered as before"
          : questions.length > 0
            ? "Questions"
            : preview.doubts.length > 0
              ? "Besides"
              : "Nothing is doubtful"}
      </PanelTitle>
      {questions.map((question) => (
        <Box key={question.id} py={2} data-question={question.id}>
          <Box mb={1}>
            {question.says}{" "}
            <Box as="span" color="ink.soft">
              ({question.rows} rows)
            </Box>
          </Box>
          <Segments
            label={question.says}
            value={question.answer}
            options={question.options.map((option): [string, string] => [option.value, option.says])}
            onChange={(answer) => onChange({ answers: { ...settings.answers, [question.id]: answer } })}
          />
        </Box>
      ))}
      <Flex gap={3} flexWrap="wrap" mt={2}>
        <Line
          label="Enclosure where a row names none"
          value={settings.enclosure}
          onDone={(enclosure) => enclosure && onChange({ enclosure })}
        />
        <Line label="Drawing" value={settings.drawing ?? ""} onDone={(drawing) => onChange({ drawing })} />
        <Line
          label="Its revision"
          value={settings.revision ?? ""}
          onDone={(revision) => onChange({ revision })}
        />
      </Flex>
      {into && (
        <>
          <Checkbox checked={settings.replaces} onChange={(replaces) => onChange({ replaces })}>
            The list is the whole of its enclosures: wires that are not in it are deleted
          </Checkbox>
          {preview.removed.length > 0 && (
            <Box textStyle="dense">
              Deleted: {preview.removed.slice(0, 40).join(", ")}
              {preview.removed.length > 40 && ", …"}
            </Box>
          )}
        </>
      )}
    </Panel>
  );
}

function Line({ label, value, onDone }: { label: string; value: string; onDone: (value: string) => void }) {
  const [text, setText] = useState(value);
  const done = () => text.trim() !== value && onDone(text.trim());
  const id = `import-${label.replace(/\W+/g, "-")}`;
  return (
    <Box flex="1 1 180px">
      <TextField
        id={id}
        label={label}
        value={text}
        maxLength={200}
        autoComplete="off"
        onChange={(event) => setText(event.target.value)}
        onBlur={done}
        onKeyDown={(event) => event.key === "Enter" && done()}
      />
    </Box>
  );
}
