import { Collapsible } from "@chakra-ui/react";
import { ChevronRight } from "lucide-react";
import type { ReactNode } from "react";

/** What opens beside what it is about, under its name. */
export function Disclosure({
  label,
  defaultOpen = false,
  open,
  onOpenChange,
  children,
}: {
  label: ReactNode;
  defaultOpen?: boolean;
  open?: boolean;
  onOpenChange?: (open: boolean) => void;
  children: ReactNode;
}) {
  return (
    <Collapsible.Root
      defaultOpen={defaultOpen}
      {...(open !== undefined && { open })}
      {...(onOpenChange && { onOpenChange: (to) => onOpenChange(to.open) })}
      lazyMount
    >
      <Collapsible.Trigger>
        <Collapsible.Indicator>
          <ChevronRight aria-hidden />
        </Collapsible.Indicator>
        {label}
      </Collapsible.Trigger>
      <Collapsible.Content>{children}</Collapsible.Content>
    </Collapsible.Root>
  );
}
