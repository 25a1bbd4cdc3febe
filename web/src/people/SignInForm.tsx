import { Box, Flex, Grid } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { Button, Form, TextField } from "../ui";
import { ByPin } from "./ByPin";
import { CodeForm } from "./CodeForm";
import { PairForm } from "./PairForm";
import { roleNames, sessionApi, type Session } from "./session";

/** A name and a password; a tap on a name where people are listed; a code for whoever has none yet. */
export function SignInForm({
  known,
  onDone,
}: {
  /** What the server says to strangers. */
  known: Session | undefined;
  onDone: (session: Session) => void;
}) {
  const [way, setWay] = useState<"usual" | "password" | "code" | "tablet">("usual");
  if (known?.awaitsFirstLead) return <CodeForm isFirst onDone={onDone} />;
  const byPin = known?.tablet && way === "usual";
  return (
    <Flex direction="column" gap={4}>
      {byPin ? (
        <ByPin people={known.listed} onDone={onDone} />
      ) : way === "code" ? (
        <CodeForm onDone={onDone} />
      ) : way === "tablet" ? (
        <PairForm onDone={onDone} />
      ) : (
        <ByPassword known={known} onDone={onDone} />
      )}
      <Flex direction="column" alignItems="start">
        {way !== "usual" && (
          <Way
            says={known?.tablet ? "Sign in with a PIN" : "Sign in with a password"}
            onTake={() => setWay("usual")}
          />
        )}
        {byPin && <Way says="Sign in with a password" onTake={() => setWay("password")} />}
        {way !== "code" && <Way says="I was given a code" onTake={() => setWay("code")} />}
        {!known?.tablet && way !== "tablet" && (
          <Way says="This is a shared tablet" onTake={() => setWay("tablet")} />
        )}
      </Flex>
    </Flex>
  );
}

const Way = ({ says, onTake }: { says: string; onTake: () => void }) => (
  <Button variant="plain" px={0} onClick={onTake}>
    {says}
  </Button>
);

function ByPassword({ known, onDone }: { known: Session | undefined; onDone: (session: Session) => void }) {
  const { handleSubmit, register, setValue } = useForm({ defaultValues: { name: "", password: "" } });
  const signIn = useMutation({ mutationFn: sessionApi.signIn, onSuccess: onDone });
  const listed = (known?.demoPassword && known.listed) || [];
  return (
    <>
      {listed.length > 0 && (
        <Box as="section" aria-label="People of the demo">
          <Box mb={2} color="ink.soft" textStyle="dense">
            Made-up people of the demo. A tap fills in name and password.
          </Box>
          <Grid templateColumns="repeat(auto-fill, minmax(150px, 1fr))" gap={2}>
            {listed.map((person) => (
              <Button
                key={person.id}
                h="auto"
                py={2}
                flexDirection="column"
                alignItems="start"
                textAlign="start"
                gap={0}
                onClick={() => {
                  setValue("name", person.name);
                  setValue("password", known?.demoPassword ?? "");
                  document.getElementById("sign-in")?.focus();
                }}
              >
                <strong>{person.name}</strong>
                <Box as="span" color="ink.soft" fontWeight={400}>
                  {roleNames[person.role]}
                </Box>
              </Button>
            ))}
          </Grid>
        </Box>
      )}
      <Form onSubmit={() => void handleSubmit((typed) => signIn.mutate(typed))()}>
        <TextField
          id="sign-in-name"
          label="Name"
          autoComplete="username"
          maxLength={80}
          {...register("name", { required: true })}
        />
        <TextField
          type="password"
          label="Password"
          hint="Forgotten? A lead gives you a code, or whoever keeps this server does."
          error={signIn.error?.message}
          autoComplete="current-password"
          {...register("password", { required: true })}
        />
        <Button id="sign-in" variant="solid" type="submit" alignSelf="start" disabled={signIn.isPending}>
          Sign in
        </Button>
      </Form>
    </>
  );
}
