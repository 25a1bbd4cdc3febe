import { chakra, Flex } from "@chakra-ui/react";
import { Ellipsis, Keyboard, Moon, Ruler, Scale, Sun } from "lucide-react";
import { useCallback, useEffect, useState } from "react";
import { NavLink, useNavigate } from "react-router";
import { HouseRulesDialog } from "../bench/HouseRulesDialog";
import { isForKeys, useKey } from "../shared/keys";
import { useUnits } from "../shared/Units";
import { applyTheme, chooseTheme, rememberedTheme } from "./colourTheme";
import { KeysDialog } from "./KeysDialog";
import { places } from "./places";

const onPhone = 4;

const cell = {
  display: "flex",
  flexDirection: "column",
  alignItems: "center",
  justifyContent: "center",
  gap: "2px",
  minH: "60px",
  minW: "60px",
  flex: { base: 1, md: "none" },
  fontSize: "14px",
  rounded: "md",
  color: "ink.soft",
  cursor: "pointer",
  _hover: { bg: "paper.sunk" },
} as const;

const PlaceLink = chakra(NavLink, {
  base: { ...cell, "&.active": { color: "copper", fontWeight: 700, bg: "copper.wash" } },
});
const RailButton = chakra("button", { base: cell });

export function Rail() {
  const { lead, switchLead } = useUnits();
  const [theme, setTheme] = useState(rememberedTheme);
  const [keysOpen, setKeysOpen] = useState(false);
  const [rulesOpen, setRulesOpen] = useState(false);
  const [moreOpen, setMoreOpen] = useState(false);
  useKey(
    "h",
    useCallback(() => setRulesOpen(true), []),
  );
  const showKeys = useCallback(() => setKeysOpen(true), []);
  const switchTheme = () => {
    const next = theme === "light" ? "dark" : "light";
    chooseTheme(next);
    setTheme(next);
  };
  useEffect(() => applyTheme(theme), [theme]);
  useKey("u", switchLead);
  useKey("?", showKeys);
  usePlaceKeys();

  return (
    <Flex
      as="nav"
      aria-label="Places"
      direction={{ base: "row", md: "column" }}
      gridRow={{ base: 2, md: 1 }}
      gridColumn={1}
      p={1}
      gap={1}
      bg="paper.raised"
      borderColor="line"
      borderTopWidth={{ base: "1px", md: 0 }}
      borderRightWidth={{ md: "1px" }}
    >
      {places.map(({ path, name, icon: Icon }, i) => (
        <PlaceLink
          key={path}
          to={path}
          // Four places stand on a phone's rail; the others wait behind More.
          display={i < onPhone ? undefined : { base: "none", md: "flex" }}
        >
          <Icon aria-hidden size={22} />
          {name}
        </PlaceLink>
      ))}
      <RailButton
        display={{ base: "flex", md: "none" }}
        aria-expanded={moreOpen}
        onClick={() => setMoreOpen(!moreOpen)}
      >
        <Ellipsis aria-hidden size={22} />
        More
      </RailButton>
      <Flex flex={1} display={{ base: "none", md: "flex" }} />
      {/* On a phone what is not a place waits behind More. */}
      <Flex
        direction="column"
        gap={1}
        display={{ base: moreOpen ? "grid" : "none", md: "flex" }}
        gridTemplateColumns="repeat(4, 1fr)"
        position={{ base: "fixed", md: "static" }}
        bottom="70px"
        insetX={0}
        p={{ base: 1, md: 0 }}
        zIndex="docked"
        bg="paper.raised"
        borderColor="line"
        borderTopWidth={{ base: "1px", md: 0 }}
        onClick={() => setMoreOpen(false)}
      >
        {places.slice(onPhone).map(({ path, name, icon: Icon }) => (
          <PlaceLink key={path} to={path} display={{ base: "flex", md: "none" }}>
            <Icon aria-hidden size={22} />
            {name}
          </PlaceLink>
        ))}
        <RailButton onClick={switchLead} aria-label={`Units: ${lead} leads. Switch (U)`}>
          <Ruler aria-hidden size={22} />
          {lead === "metric" ? "mm first" : "in first"}
        </RailButton>
        <RailButton onClick={switchTheme} aria-label={theme === "light" ? "Dark theme" : "Light theme"}>
          {theme === "light" ? <Moon aria-hidden size={22} /> : <Sun aria-hidden size={22} />}
          {theme === "light" ? "Dark" : "Light"}
        </RailButton>
        <RailButton onClick={() => setRulesOpen(true)} aria-label="House rules (H)">
          <Scale aria-hidden size={22} />
          Rules
        </RailButton>
        <RailButton onClick={showKeys} aria-label="Keys (?)">
          <Keyboard aria-hidden size={22} />
          Keys
        </RailButton>
      </Flex>
      <HouseRulesDialog open={rulesOpen} onClose={() => setRulesOpen(false)} />
      <KeysDialog open={keysOpen} onClose={() => setKeysOpen(false)} />
    </Flex>
  );
}

function usePlaceKeys() {
  const navigate = useNavigate();
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const place = /^[1-9]$/.test(event.key) ? places[Number(event.key) - 1] : undefined;
      if (place && isForKeys(event)) void navigate(place.path);
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, [navigate]);
}
