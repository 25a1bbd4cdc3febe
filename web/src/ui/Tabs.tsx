import { Tabs as Base } from "@chakra-ui/react";
import { useEffect, useRef, type ReactNode } from "react";

/** The sides of one thing: the list of them, and the one that is shown. */
export function Tabs<T extends string>({
  label,
  tabs,
  value,
  onChange,
  children,
}: {
  label: string;
  tabs: readonly (readonly [T, ReactNode])[];
  value: T;
  onChange: (value: T) => void;
  children: ReactNode;
}) {
  const list = useRef<HTMLDivElement>(null);
  // On a narrow screen the list is pushed along: the tab one is on is in sight.
  useEffect(() => {
    list.current?.querySelector("[data-selected]")?.scrollIntoView({ block: "nearest", inline: "center" });
  }, [value]);
  return (
    <Base.Root value={value} onValueChange={(to) => onChange(to.value as T)} activationMode="manual">
      <Base.List aria-label={label} ref={list}>
        {tabs.map(([tab, name]) => (
          <Base.Trigger key={tab} value={tab}>
            {name}
          </Base.Trigger>
        ))}
      </Base.List>
      <Base.Content key={value} value={value}>
        {children}
      </Base.Content>
    </Base.Root>
  );
}
