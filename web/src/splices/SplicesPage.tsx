import { chakra } from "@chakra-ui/react";
import { useNavigate, useParams } from "react-router";
import { BoxPart } from "./BoxPart";
import { ByHand } from "./ByHand";
import { Join } from "./Join";
import { PigtailPart } from "./PigtailPart";
import { Tabs } from "../ui";

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
    <>
      <chakra.h1 srOnly>Splices</chakra.h1>
      <Tabs
        label="What about the splice"
        value={open}
        onChange={(next) => void navigate(`/splices/${next}`)}
        tabs={(Object.keys(parts) as Part[]).map((key) => [key, parts[key].word] as const)}
      >
        <Open />
      </Tabs>
    </>
  );
}
