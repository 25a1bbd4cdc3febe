import { Box } from "@chakra-ui/react";
import { useEffect, useId, useRef, useState, type Ref } from "react";
import { readDecimal } from "../shared/decimal";
import { Field, FieldLabel } from "../shared/Panel";

const shown = (value: number | null) => (value === null ? "" : String(value));

/** What is measured or counted here is never below nothing. */
const read = (text: string) => {
  const number = readDecimal(text);
  return number === null || (number !== undefined && number >= 0) ? number : undefined;
};

/** A field for a number or nothing. What is no number stays in the field, is said, and changes nothing. */
export function NumberField({
  label,
  value,
  placeholder,
  onChange,
  inputRef,
}: {
  label: string;
  value: number | null;
  placeholder?: string;
  onChange: (value: number | null) => void;
  inputRef?: Ref<HTMLInputElement>;
}) {
  const id = useId();
  const [text, setText] = useState(shown(value));
  const sent = useRef(value);
  useEffect(() => {
    if (sent.current !== value) {
      sent.current = value;
      setText(shown(value));
    }
  }, [value]);
  const bad = read(text) === undefined;
  return (
    <Box minW={0}>
      <FieldLabel htmlFor={id}>{label}</FieldLabel>
      <Field
        id={id}
        ref={inputRef}
        inputMode="decimal"
        autoComplete="off"
        maxLength={12}
        value={text}
        placeholder={placeholder}
        aria-invalid={bad}
        aria-describedby={bad ? `${id}-bad` : undefined}
        onChange={(event) => {
          setText(event.target.value);
          const number = read(event.target.value);
          if (number !== undefined) {
            sent.current = number;
            onChange(number);
          }
        }}
      />
      {bad && (
        <Box id={`${id}-bad`} color="stop" fontSize="14px">
          Type a number, such as 2.8.
        </Box>
      )}
    </Box>
  );
}
