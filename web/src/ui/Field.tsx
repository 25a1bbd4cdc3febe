import {
  Field as Base,
  Input as BaseInput,
  Textarea,
  type InputProps,
  type TextareaProps,
} from "@chakra-ui/react";
import type { ReactNode, Ref } from "react";

export interface FieldProps {
  label: ReactNode;
  /** What helps to fill it in. */
  hint?: ReactNode;
  /** What is wrong with what is in it, and what would be right. */
  error?: ReactNode;
  /** Says the label to who hears the page, and shows it to nobody. */
  hideLabel?: boolean | undefined;
}

/** A control with its label above and what is wrong with it below. */
export function Field({
  id,
  label,
  hint,
  error,
  hideLabel,
  children,
}: FieldProps & { id?: string | undefined; children: ReactNode }) {
  return (
    <Base.Root invalid={!!error} {...(id && { id })}>
      <Base.Label srOnly={!!hideLabel}>{label}</Base.Label>
      {children}
      {hint && <Base.HelperText>{hint}</Base.HelperText>}
      {error && <Base.ErrorText role="alert">{error}</Base.ErrorText>}
    </Base.Root>
  );
}

/** A line to type in. */
export function TextField({
  id,
  label,
  hint,
  error,
  hideLabel,
  ref,
  ...rest
}: FieldProps & Omit<InputProps, "ref"> & { ref?: Ref<HTMLInputElement> | undefined }) {
  return (
    <Field id={id} label={label} hint={hint} error={error} hideLabel={hideLabel}>
      <BaseInput autoComplete="off" {...rest} {...(ref && { ref })} />
    </Field>
  );
}

/** Where a table is pasted, or a long text typed. */
export function TextArea({ id, label, hint, error, hideLabel, ...rest }: FieldProps & TextareaProps) {
  return (
    <Field id={id} label={label} hint={hint} error={error} hideLabel={hideLabel}>
      <Textarea {...rest} />
    </Field>
  );
}

/** A line to type in that is labelled by what it stands in, such as a cell. */
export { BaseInput as Input };
