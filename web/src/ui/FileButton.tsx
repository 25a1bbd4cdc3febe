import { FileUpload } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { Button } from "./Button";

/** A button that asks for a file. */
export function FileButton({
  label,
  accept,
  onFile,
  icon,
  variant,
}: {
  label: string;
  accept: string;
  onFile: (file: File) => void;
  icon?: ReactNode;
  variant?: "plain";
}) {
  return (
    <FileUpload.Root
      w="auto"
      maxFiles={1}
      onFileChange={({ acceptedFiles, rejectedFiles }) => {
        const file = acceptedFiles[0] ?? rejectedFiles[0]?.file;
        if (file) onFile(file);
      }}
    >
      <FileUpload.HiddenInput aria-label={label} accept={accept} />
      <FileUpload.Trigger asChild>
        <Button variant={variant}>
          {icon}
          {label}
        </Button>
      </FileUpload.Trigger>
    </FileUpload.Root>
  );
}
