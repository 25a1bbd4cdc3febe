import { chakra } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** Fields that are sent together, by Enter too, and that a browser’s keeper of passwords knows as such. */
export function Form({ id, onSubmit, children }: { id?: string; onSubmit: () => void; children: ReactNode }) {
  return (
    <chakra.form
      display="flex"
      flexDirection="column"
      gap={3}
      {...(id && { id })}
      onSubmit={(event) => {
        event.preventDefault();
        onSubmit();
      }}
    >
      {children}
    </chakra.form>
  );
}
