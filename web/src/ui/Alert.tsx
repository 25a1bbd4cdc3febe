import { Alert as Base } from "@chakra-ui/react";
import { CircleCheck, Info, OctagonAlert, TriangleAlert, type LucideIcon } from "lucide-react";
import type { ReactNode } from "react";

type Status = "info" | "success" | "warning" | "error";
const icons: Record<Status, LucideIcon> = {
  info: Info,
  success: CircleCheck,
  warning: TriangleAlert,
  error: OctagonAlert,
};

/** What happened or must be known, in its place on the page. */
export function Alert({
  status = "info",
  title,
  children,
}: {
  status?: Status;
  title?: ReactNode;
  children?: ReactNode;
}) {
  const Icon = icons[status];
  return (
    <Base.Root status={status} role={status === "error" ? "alert" : "status"}>
      <Base.Indicator>
        <Icon aria-hidden />
      </Base.Indicator>
      <Base.Content>
        {title && <Base.Title>{title}</Base.Title>}
        {children && <Base.Description>{children}</Base.Description>}
      </Base.Content>
    </Base.Root>
  );
}
