import { Menu as Base, Portal } from "@chakra-ui/react";
import type { ReactNode } from "react";

export interface MenuItem {
  name: string;
  icon?: ReactNode;
  onSelect: () => void;
}

/** What is done less often, behind one button. */
export function Menu({ trigger, items }: { trigger: ReactNode; items: readonly MenuItem[] }) {
  return (
    <Base.Root lazyMount>
      <Base.Trigger asChild>{trigger}</Base.Trigger>
      <Portal>
        <Base.Positioner>
          <Base.Content>
            {items.map(({ name, icon, onSelect }) => (
              <Base.Item key={name} value={name} onSelect={onSelect}>
                {icon}
                {name}
              </Base.Item>
            ))}
          </Base.Content>
        </Base.Positioner>
      </Portal>
    </Base.Root>
  );
}
