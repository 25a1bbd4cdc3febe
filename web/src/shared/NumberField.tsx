import { useEffect, useRef, useState, type Ref } from "react";
import { readDecimal } from "./decimal";
import { TextField } from "../ui";

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
  const [text, setText] = useState(shown(value));
  const sent = useRef(value);
  useEffect(() => {
    if (sent.current !== value) {
      sent.current = value;
      setText(shown(value));
    }
  }, [value]);
  return (
    <TextField
      label={label}
      ref={inputRef}
      inputMode="decimal"
      maxLength={12}
      value={text}
      placeholder={placeholder}
      error={read(text) === undefined && "Type a number, such as 2.8."}
      onChange={(event) => {
        setText(event.target.value);
        const number = read(event.target.value);
        if (number !== undefined) {
          sent.current = number;
          onChange(number);
        }
      }}
    />
  );
}
