import { EmptyState as Base } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** A place with nothing in it: a picture, what belongs there, and the first step. */
export function EmptyState({
  icon,
  title,
  children,
  action,
}: {
  icon: ReactNode;
  title: string;
  children?: ReactNode;
  action?: ReactNode;
}) {
  return (
    <Base.Root>
      <Base.Content>
        <Base.Indicator aria-hidden>{icon}</Base.Indicator>
        <Base.Title as="h2">{title}</Base.Title>
        {children && <Base.Description>{children}</Base.Description>}
        {action}
      </Base.Content>
    </Base.Root>
  );
}
