import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { CircleCheck, Eye, OctagonX, TriangleAlert } from "lucide-react";
import type { ReactNode } from "react";
import type { Readout, Recipe, Schemas } from "../client";
import { inOrder, thin, useUnits } from "../shared/Units";
import { trustWords, verdictWords } from "./words";

export type ReadingName = Schemas["ReadingName"];

const Reading = chakra("button", {
  base: {
    display: { base: "grid", md: "flex" },
    gridTemplateColumns: "92px 1fr",
    flexDirection: "column",
    textAlign: "left",
    alignItems: { base: "center", md: "stretch" },
    columnGap: 2,
    p: { base: 2, md: 3 },
    minW: 0,
    minH: { base: "76px", md: "132px" },
    rounded: "lg",
    borderWidth: "1px",
    borderColor: "line",
    bg: "paper.raised",
    cursor: "pointer",
    _hover: { borderColor: "copper" },
    "&[aria-expanded=true]": { borderColor: "copper", bg: "copper.wash" },
  },
});

const Label = chakra("span", {
  base: { fontSize: "14px", fontWeight: 700, letterSpacing: "0.08em", color: "copper" },
});

const WhyMark = chakra("span", {
  base: {
    display: { base: "block", md: "inline" },
    float: { md: "right" },
    fontWeight: 400,
    letterSpacing: 0,
    textDecoration: "underline",
    color: "ink.soft",
  },
});

function Value({ children, second }: { children: string; second?: string }) {
  const split = children.lastIndexOf(" ");
  const unit = /^[a-zA-Z·²]+$/.test(children.slice(split + 1)) ? children.slice(split + 1) : "";
  const number = unit ? children.slice(0, split) : children;
  return (
    <Flex alignItems="baseline" gap={2} flexWrap="wrap" lineHeight={1.05}>
      <chakra.span
        fontFamily={unit ? "numerals" : "heading"}
        fontSize={{ base: unit ? "40px" : "30px", md: unit ? "44px" : "30px" }}
        fontWeight={unit ? 600 : 700}
        letterSpacing={unit ? "-0.04em" : "-0.01em"}
      >
        {number}
        {unit && (
          <chakra.span fontSize="22px" fontFamily="body" letterSpacing="normal">
            {"\u202f"}
            {unit}
          </chakra.span>
        )}
      </chakra.span>{" "}
      {second && (
        <chakra.span fontSize="20px" color="ink.soft">
          {thin(second)}
        </chakra.span>
      )}
    </Flex>
  );
}

/** A headline in words; a number in it is as large as the other readings' numbers. */
function Words({ children }: { children: string }) {
  const [word, ...rest] = /\d/.test(children) ? children.split(" ") : [children];
  return (
    <Flex alignItems="baseline" gap={2} flexWrap="wrap" lineHeight={1.05} minH={{ md: "46px" }}>
      <chakra.span fontSize={rest.length > 0 ? "22px" : "30px"} fontWeight={700}>
        {word}
      </chakra.span>{" "}
      {rest.length > 0 && (
        <chakra.span fontFamily="numerals" fontSize={{ base: "40px", md: "36px" }} letterSpacing="-0.04em">
          {thin(rest.join(" "))}
        </chakra.span>
      )}
    </Flex>
  );
}

interface Props {
  recipe: Recipe;
  open: ReadingName | "all" | null;
  onOpen: (reading: ReadingName) => void;
}

/** STRIP, PREPARE, TIGHTEN: always in this order and place. */
export function Readings({ recipe, open, onOpen }: Props) {
  const { lead } = useUnits();
  const { strip, torque, holding, preparation } = recipe;
  const uncut = strip?.most.value === 0;
  const both = (readout: Readout) => inOrder(readout, lead);
  const passes = (least: Readout, most: Readout) => {
    const [low] = both(least);
    const [high] = both(most);
    return thin(low === high ? `${low} passes` : `${low.slice(0, low.lastIndexOf(" "))} to ${high} passes`);
  };
  const card = (name: ReadingName, label: string, value: ReactNode, line: ReactNode) => (
    <Reading
      aria-expanded={open === name || open === "all"}
      aria-controls="why"
      onClick={() => onOpen(name)}
      data-reading={name}
    >
      <Label>
        {label} <WhyMark>why</WhyMark>
      </Label>{" "}
      <Box minW={0}>
        {value}{" "}
        <Box fontSize="15px" color="ink.soft" mt={1}>
          {line}
        </Box>
        {reads(name).map(({ what, where }) => (
          <Flex key={what} gap={1} mt={1} fontSize="15px" fontWeight={600} data-read-off={name}>
            <Eye aria-label="Read off" size={18} style={{ flex: "none", marginTop: 2 }} />
            <span>
              Read {thin(what)}: {thin(where)}.
            </span>
          </Flex>
        ))}
      </Box>
    </Reading>
  );
  const reads = (name: ReadingName) => (recipe.readOff ?? []).filter(({ reading }) => reading === name);
  const none = <Words>None</Words>;
  return (
    <Grid
      templateColumns={{ base: "minmax(0,1fr)", md: "repeat(3, minmax(0,1fr))" }}
      gap={2}
      data-verdict={recipe.verdict}
    >
      {card(
        "strip",
        "STRIP",
        uncut ? (
          <Words>Don’t strip</Words>
        ) : strip ? (
          <Value second={both(strip.target)[1]}>{both(strip.target)[0]}</Value>
        ) : (
          none
        ),
        uncut ? "Leave the insulation on." : strip ? passes(strip.least, strip.most) : "It does not go in.",
      )}
      {card("prepare", "PREPARE", <Words>{preparation.headline}</Words>, thin(preparation.detail))}
      {card(
        "tighten",
        "TIGHTEN",
        torque ? (
          <Value second={both(torque.target)[1]}>{both(torque.target)[0]}</Value>
        ) : (
          <Words>{holding?.headline ?? "None"}</Words>
        ),
        torque ? (
          <>
            {passes(torque.least, torque.most)} <Trust trust={torque.trust} />
          </>
        ) : (
          (holding?.detail ?? "Do not tighten.")
        ),
      )}
    </Grid>
  );
}

function Trust({ trust }: { trust: Schemas["Trust"] }) {
  const sure = trust === "marking" || trust === "maker";
  return (
    <chakra.span
      whiteSpace="nowrap"
      fontWeight={700}
      color={sure ? "go" : "caution"}
      borderWidth="1px"
      borderColor="currentcolor"
      rounded="sm"
      px={1}
    >
      {trustWords[trust]}
    </chakra.span>
  );
}

const shapes = {
  go: { icon: CircleCheck, wash: "go.wash" },
  read: { icon: Eye, wash: "go.wash" },
  caution: { icon: TriangleAlert, wash: "caution.wash" },
  stop: { icon: OctagonX, wash: "stop.wash" },
} as const;

/** The verdict alone, by shape, word and colour. */
export function VerdictWord({ verdict }: { verdict: Schemas["Verdict"] }) {
  const { icon: Icon } = shapes[verdict];
  const { word, colour } = verdictWords[verdict];
  return (
    <Flex color={colour} gap={2} fontWeight={700} fontSize="18px" alignItems="center" flex="none">
      <Icon aria-hidden size={24} />
      {word}
    </Flex>
  );
}

/** The verdict by shape, word and colour, with what was found. */
export function VerdictLine({ recipe }: { recipe: Pick<Recipe, "verdict" | "findings" | "readOff"> }) {
  const { wash } = shapes[recipe.verdict];
  return (
    <Flex role="status" gap={3} px={3} py={2} rounded="lg" bg={wash} alignItems="flex-start">
      <VerdictWord verdict={recipe.verdict} />
      <Box minW={0} pt="1px">
        {recipe.findings.length === 0 &&
          recipe.verdict === "go" &&
          "The wire fits and every reading has a sound source."}
        {recipe.verdict === "read" && (
          <Box>
            {(recipe.readOff ?? [])
              .map(({ what, where }) => `Typical value: read ${what} ${where}.`)
              .join(" ")}
          </Box>
        )}
        {recipe.findings.map((finding) => (
          <Box key={finding.check} data-finding={finding.check} _notFirst={{ mt: 2 }}>
            <strong>{thin(finding.says)}</strong> {thin(finding.do)}
          </Box>
        ))}
      </Box>
    </Flex>
  );
}
