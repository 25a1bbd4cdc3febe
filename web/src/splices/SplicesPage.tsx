import { Box, chakra, Flex } from "@chakra-ui/react";
import { useNavigate, useParams } from "react-router";
import { Choice } from "../shared/Choice";
import { BoxPart } from "./BoxPart";
import { ByHand } from "./ByHand";
import { Join } from "./Join";
import { PigtailPart } from "./PigtailPart";

const parts = {
  join: { word: "In a connector", part: Join },
  hand: { word: "By hand", part: ByHand },
  pigtail: { word: "Pigtail", part: PigtailPart },
  box: { word: "Room in the box", part: BoxPart },
} as const;

type Part = keyof typeof parts;

/** Joints: join it so that it stays joined. */
export function SplicesPage() {
  const { part = "join" } = useParams();
  const navigate = useNavigate();
  const open: Part = part in parts ? (part as Part) : "join";
  const Open = parts[open].part;
  return (
    <Flex direction="column" gap={3}>
      <chakra.h1 srOnly>Splices</chakra.h1>
      <Box maxW="640px">
        <Choice
          label="What about the splice"
          wrap
          value={open}
          onChange={(next) => void navigate(`/splices/${next}`)}
          options={(Object.keys(parts) as Part[]).map((key): [Part, string] => [key, parts[key].word])}
        />
      </Box>
      <Open />
    </Flex>
  );
}
