import { FileUpload } from "@chakra-ui/react";
import { FileUp } from "lucide-react";
import type { ReactNode } from "react";

/** Where a file is chosen, or dropped. */
export function FileDrop({
  id,
  label,
  accept,
  onFile,
  children,
}: {
  id?: string;
  label: string;
  accept: string;
  onFile: (file: File) => void;
  children?: ReactNode;
}) {
  return (
    <FileUpload.Root
      onFileChange={({ acceptedFiles, rejectedFiles }) => {
        const file = acceptedFiles[0] ?? rejectedFiles[0]?.file;
        if (file) onFile(file);
      }}
      maxFiles={1}
    >
      <FileUpload.HiddenInput id={id} aria-label={label} accept={accept} />
      <FileUpload.Dropzone>
        <FileUp aria-hidden />
        <FileUpload.DropzoneContent>{label}</FileUpload.DropzoneContent>
        {children}
      </FileUpload.Dropzone>
    </FileUpload.Root>
  );
}
