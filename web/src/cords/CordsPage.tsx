import { chakra } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import { useNavigate, useParams } from "react-router";
import { LookFirst } from "./LookFirst";
import { PinMapPart } from "./pinmaps/PinMapPart";
import { OpenEarth } from "./OpenEarth";
import { Refit } from "./Refit";
import { RightSize } from "./RightSize";
import { SpoiledEnd } from "./SpoiledEnd";
import { WhichIsWhich } from "./WhichIsWhich";
import { Tabs } from "../ui";

const parts = {
  look: { word: "Is it fit?", part: LookFirst },
  size: { word: "How thick?", part: RightSize },
  which: { word: "Which is which?", part: WhichIsWhich },
  plug: { word: "New plug", part: Refit },
  pins: { word: "Pin map", part: PinMapPart },
  earth: { word: "Open earth", part: OpenEarth },
  end: { word: "Spoiled end", part: SpoiledEnd },
} as const;

type Part = keyof typeof parts;

/** Something old or unknown: look first, and know which conductor is which. */
export function CordsPage() {
  const say = useSay();
  const { part = "look" } = useParams();
  const navigate = useNavigate();
  const open: Part = part in parts ? (part as Part) : "look";
  const Open = parts[open].part;
  return (
    <>
      <chakra.h1 srOnly>Cords</chakra.h1>
      <Tabs
        label="What about the cord"
        value={open}
        onChange={(next) => void navigate(`/cords/${next}`)}
        tabs={(Object.keys(parts) as Part[]).map((key) => [key, say(parts[key].word)] as const)}
      >
        <Open />
      </Tabs>
    </>
  );
}
