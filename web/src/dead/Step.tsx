import { Box, chakra, Flex } from "@chakra-ui/react";
import { CircleCheck } from "lucide-react";
import { useId, type ReactNode } from "react";
import { Panel } from "../ui";

/** One of the steps, in their order. */
export function Step({
  number,
  title,
  done,
  children,
}: {
  number: number;
  title: string;
  done?: boolean;
  children: ReactNode;
}) {
  const heading = useId();
  return (
    <Panel as="section" aria-labelledby={heading}>
      <Flex gap={2} alignItems="center" mb={2}>
        <Box textStyle="figure.md" color={done ? "go" : "copper"} minW="30px">
          {done ? <CircleCheck aria-label="Done" size={26} /> : number}
        </Box>
        <chakra.h2 id={heading} textStyle="heading">
          {title}
        </chakra.h2>
      </Flex>
      {children}
    </Panel>
  );
}
