import { Link as Base, type LinkProps } from "@chakra-ui/react";
import { Link as RouterLink } from "react-router";

/** What leads to another place of the application: a word of a sentence, or a row of its own. */
export function Link({
  to,
  variant = "text",
  children,
  ...rest
}: Omit<LinkProps, "href" | "variant"> & { to: string; variant?: "text" | "row" }) {
  return (
    // The library's own type knows only its own looks.
    <Base asChild {...rest} variant={variant as never}>
      <RouterLink to={to}>{children}</RouterLink>
    </Base>
  );
}
