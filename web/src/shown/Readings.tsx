import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { Eye } from "lucide-react";
import type { ReactNode } from "react";
import type { Readout, Recipe, Schemas } from "../client";
import { inOrder, thin, useUnits } from "../shared/Units";
import { Button } from "../ui";
import { trustWords } from "./words";

export type ReadingName = Schemas["ReadingName"];

/** How large: read from an arm and a half away, or beside other things. */
type Size = "large" | "beside";

const figures = { large: "figure.xl", beside: "figure.md" } as const;
const units = { large: "heading", beside: "dense" } as const;
const words = { large: "word.lg", beside: "lead" } as const;

function Value({ children, second, size }: { children: string; second: string | undefined; size: Size }) {
  const split = children.lastIndexOf(" ");
  const unit = /^[a-zA-Z·²]+$/.test(children.slice(split + 1)) ? children.slice(split + 1) : "";
  const number = unit ? children.slice(0, split) : children;
  if (!unit) return <Words size={size}>{children}</Words>;
  return (
    <Flex alignItems="baseline" columnGap={2} flexWrap="wrap">
      <chakra.span textStyle={figures[size]} letterSpacing="-0.04em" whiteSpace="nowrap">
        {number}
        <chakra.span textStyle={units[size]} fontFamily="body" letterSpacing="normal">
          {"\u202f"}
          {unit}
        </chakra.span>
      </chakra.span>{" "}
      {second && (
        <chakra.span textStyle={units[size]} color="ink.soft" whiteSpace="nowrap">
          {thin(second)}
        </chakra.span>
      )}
    </Flex>
  );
}

/** A headline in words; a number in it is as large as the other readings' numbers. */
function Words({ children, size }: { children: string; size: Size }) {
  const [word, ...rest] = /\d/.test(children) ? children.split(" ") : [children];
  return (
    <Flex alignItems="baseline" columnGap={2} flexWrap="wrap">
      <chakra.span textStyle={rest.length > 0 ? units[size] : words[size]} fontWeight={700}>
        {word}
      </chakra.span>{" "}
      {rest.length > 0 && (
        <chakra.span textStyle={figures[size]} letterSpacing="-0.04em">
          {thin(rest.join(" "))}
        </chakra.span>
      )}
    </Flex>
  );
}

interface Props {
  recipe: Pick<Recipe, "strip" | "torque" | "holding" | "preparation" | "readOff" | "verdict">;
  size?: Size;
  /** Which has its reasons open. */
  open: ReadingName | "all" | null;
  onOpen: (reading: ReadingName) => void;
  /** The id of where the reasons open. */
  whyId?: string;
}

/** STRIP, PREPARE, TIGHTEN: always in this order and place, wherever they stand. */
export function Readings({ recipe, size = "large", open, onOpen, whyId = "why" }: Props) {
  const { lead } = useUnits();
  const { strip, torque, holding, preparation } = recipe;
  const uncut = strip?.most.value === 0;
  const both = (readout: Readout) => inOrder(readout, lead);
  const passes = (least: Readout, most: Readout) => {
    const [low] = both(least);
    const [high] = both(most);
    return thin(low === high ? `${low} passes` : `${low.slice(0, low.lastIndexOf(" "))} to ${high} passes`);
  };
  const value = (readout: Readout) => (
    <Value size={size} second={both(readout)[1]}>
      {both(readout)[0]}
    </Value>
  );
  const said = (text: string) => <Words size={size}>{text}</Words>;
  const card = (name: ReadingName, label: string, figure: ReactNode, line: ReactNode) => (
    <Reading
      name={name}
      label={label}
      size={size}
      isOpen={open === name || open === "all"}
      onOpen={onOpen}
      whyId={whyId}
      readOff={(recipe.readOff ?? []).filter(({ reading }) => reading === name)}
    >
      {figure}{" "}
      <Box textStyle="dense" color="ink.soft" mt={1}>
        {line}
      </Box>
    </Reading>
  );
  return (
    <Grid
      templateColumns={
        size === "large"
          ? { base: "minmax(0,1fr)", md: "repeat(3, minmax(0,1fr))" }
          : "repeat(auto-fit, minmax(150px, 1fr))"
      }
      gap={2}
      data-verdict={recipe.verdict}
    >
      {card(
        "strip",
        "STRIP",
        uncut ? said("Don’t strip") : strip ? value(strip.target) : said("None"),
        uncut ? "Leave the insulation on." : strip ? passes(strip.least, strip.most) : "It does not go in.",
      )}
      {card("prepare", "PREPARE", said(preparation.headline), thin(preparation.detail))}
      {card(
        "tighten",
        "TIGHTEN",
        torque ? value(torque.target) : said(holding?.headline ?? "None"),
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

function Reading({
  name,
  label,
  size,
  isOpen,
  onOpen,
  whyId,
  readOff,
  children,
}: {
  name: ReadingName;
  label: string;
  size: Size;
  isOpen: boolean;
  onOpen: (reading: ReadingName) => void;
  whyId: string;
  readOff: NonNullable<Recipe["readOff"]>;
  children: ReactNode;
}) {
  const large = size === "large";
  return (
    <Button
      variant="tile"
      display={large ? { base: "grid", md: "flex" } : "flex"}
      gridTemplateColumns="92px 1fr"
      alignItems={{ base: large ? "center" : "stretch", md: "stretch" }}
      justifyContent="flex-start"
      columnGap={2}
      p={{ base: 2, md: large ? 3 : 2 }}
      minH={large ? { base: "76px", md: "132px" } : "64px"}
      aria-expanded={isOpen}
      aria-controls={isOpen ? whyId : undefined}
      onClick={() => onOpen(name)}
      data-reading={name}
    >
      <chakra.span textStyle="kicker" color="copper">
        {label}{" "}
        <chakra.span
          display={large ? { base: "block", md: "inline" } : "inline"}
          float={{ md: "right" }}
          fontWeight={400}
          letterSpacing={0}
          textTransform="none"
          textDecoration="underline"
          color="ink.soft"
        >
          why
        </chakra.span>
      </chakra.span>{" "}
      <Box minW={0}>
        {children}
        {readOff.map(({ what, where }) => (
          <Flex key={what} gap={1} mt={1} textStyle="dense" fontWeight={600} data-read-off={name}>
            <Eye aria-label="Read off" style={{ flex: "none", marginTop: 2, width: 18, height: 18 }} />
            <span>
              Read {thin(what)}: {thin(where)}.
            </span>
          </Flex>
        ))}
      </Box>
    </Button>
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
