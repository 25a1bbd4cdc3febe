import { Button as Base, Flex, type ButtonProps as BaseProps } from "@chakra-ui/react";
import { useId, type ReactNode, type Ref } from "react";
import { Link as RouterLink } from "react-router";
import { Hint } from "./Hint";

interface Looks {
  variant?: "solid" | "outline" | "plain" | "ghost" | "danger" | "tile" | "card" | "mark" | undefined;
  size?: "md" | "sm" | "lg" | "icon" | "inline" | undefined;
}
type LinkProps = Omit<BaseProps, keyof Looks> & Looks;

// The library's own type knows only its own looks.
const looks = ({ variant, size }: Looks) => ({ variant, size }) as Pick<BaseProps, "variant" | "size">;

export interface ButtonProps extends Omit<BaseProps, "loading" | "loadingText" | keyof Looks>, Looks {
  /** What is missing before it can be pressed, said beside it: it keeps its own name. */
  missing?: string | false | null | undefined;
  ref?: Ref<HTMLButtonElement> | undefined;
}

/** What does something. */
export function Button({ missing, disabled, variant, size, ref, ...rest }: ButtonProps) {
  const hint = useId();
  const button = (
    <Base
      type="button"
      disabled={disabled || !!missing}
      aria-describedby={missing ? hint : undefined}
      {...rest}
      {...looks({ variant, size })}
      {...(ref && { ref })}
    />
  );
  if (missing === undefined) return button;
  // The hint's place is there from the start: what stands beside it does not jump.
  return (
    <Flex alignItems="center" gap={2} flexWrap="wrap">
      {button}
      <Hint id={hint}>{missing}</Hint>
    </Flex>
  );
}

/** A way to another place that looks like a button. */
export function ButtonLink({ to, variant, size, children, ...rest }: LinkProps & { to: string }) {
  return (
    <Base asChild {...rest} {...looks({ variant, size })}>
      <RouterLink to={to}>{children}</RouterLink>
    </Base>
  );
}

/** A file to take along that looks like a button. */
export function ButtonDownload({ href, children }: { href: string; children: ReactNode }) {
  return (
    <Base asChild>
      <a href={href} download>
        {children}
      </a>
    </Base>
  );
}
