import { Box, Flex, Grid } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { Delete } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { Button } from "../ui";
import { roleNames, sessionApi, type Session } from "./session";

type Somebody = Session["listed"][number];

/** On a shared tablet: one tap on a name, then digits as large as a glove. */
export function ByPin({ people, onDone }: { people: Somebody[]; onDone: (session: Session) => void }) {
  const [person, setPerson] = useState<Somebody | null>(null);
  if (person)
    return <PinPad key={person.id} person={person} onBack={() => setPerson(null)} onDone={onDone} />;
  return (
    <Grid
      templateColumns="repeat(auto-fill, minmax(150px, 1fr))"
      gap={2}
      role="group"
      aria-label="Who is it?"
    >
      {people.map((one) => (
        <Button
          key={one.id}
          h="auto"
          minH="64px"
          py={2}
          flexDirection="column"
          alignItems="start"
          textAlign="start"
          gap={0}
          onClick={() => setPerson(one)}
        >
          <strong>{one.name}</strong>
          <Box as="span" color="ink.soft" fontWeight={400}>
            {roleNames[one.role]}
          </Box>
        </Button>
      ))}
    </Grid>
  );
}

const digits = ["1", "2", "3", "4", "5", "6", "7", "8", "9"];
const mostDigits = 8;

function PinPad({
  person,
  onBack,
  onDone,
}: {
  person: Somebody;
  onBack: () => void;
  onDone: (session: Session) => void;
}) {
  const [pin, setPin] = useState("");
  // Once: a hand that goes from key to key by Tab is not taken back.
  const pad = useRef<HTMLDivElement>(null);
  useEffect(() => pad.current?.focus(), []);
  const signIn = useMutation({
    mutationFn: () => sessionApi.byPin({ personId: person.id, pin }),
    onSuccess: onDone,
    onError: () => setPin(""),
  });
  const type = (digit: string) => {
    signIn.reset();
    setPin((typed) => (typed + digit).slice(0, mostDigits));
  };
  const send = () => {
    if (pin && !signIn.isPending) signIn.mutate();
  };
  return (
    <Flex
      direction="column"
      gap={3}
      maxW="320px"
      // Keys of a keyboard do as well.
      onKeyDown={(event) => {
        if (/^[0-9]$/.test(event.key)) type(event.key);
        else if (event.key === "Backspace") setPin((typed) => typed.slice(0, -1));
        else if (event.key === "Enter" && event.target === event.currentTarget) send();
      }}
      tabIndex={-1}
      ref={pad}
      outline="none"
      aria-label={`PIN of ${person.name}`}
      role="group"
    >
      <Flex gap={2} alignItems="center" justifyContent="space-between">
        <strong>{person.name}</strong>
        <Button onClick={onBack}>Somebody else</Button>
      </Flex>
      <Box
        role="status"
        aria-label={`${pin.length} digits typed`}
        textStyle="figure.lg"
        letterSpacing="0.3em"
        textAlign="center"
        minH="1.5em"
      >
        {"•".repeat(pin.length)}
      </Box>
      {signIn.error && (
        <Box role="alert" color="stop">
          {signIn.error.message}
        </Box>
      )}
      <Grid templateColumns="repeat(3, 1fr)" gap={2}>
        {digits.map((digit) => (
          <Digit key={digit} digit={digit} onType={type} />
        ))}
        <Button
          h="64px"
          aria-label="Delete the last digit"
          onClick={() => setPin((typed) => typed.slice(0, -1))}
        >
          <Delete aria-hidden />
        </Button>
        <Digit digit="0" onType={type} />
        <Button h="64px" variant="solid" disabled={!pin || signIn.isPending} onClick={send}>
          OK
        </Button>
      </Grid>
    </Flex>
  );
}

const Digit = ({ digit, onType }: { digit: string; onType: (digit: string) => void }) => (
  <Button h="64px" textStyle="figure.md" onClick={() => onType(digit)}>
    {digit}
  </Button>
);
