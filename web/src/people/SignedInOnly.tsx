import { chakra } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { later } from "../shared/later";
import { Loading, Panel } from "../ui";
import { useSession } from "./session";

const SignInForm = later(() => import("./SignInForm").then((module) => module.SignInForm));

/** A place that shows what is kept: to whoever is signed in. Everybody else signs in here first. */
export function SignedInOnly({ children }: { children: ReactNode }) {
  const { session, keep } = useSession();
  if (session === undefined) return <Loading what="Asking who is here…" />;
  if (session.person) return children;
  return (
    <Panel as="section" maxW="560px" mx="auto" mt={{ base: 0, md: 6 }} p={{ base: 4, md: 6 }}>
      <chakra.h1 textStyle="title" mb={4}>
        Sign in
      </chakra.h1>
      <SignInForm known={session} onDone={keep} />
    </Panel>
  );
}
