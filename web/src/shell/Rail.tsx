import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import {
  Ellipsis,
  Keyboard,
  Moon,
  Ruler,
  Scale,
  Search,
  Sun,
  UserRound,
  type LucideIcon,
} from "lucide-react";
import { useCallback, useEffect, useRef, useState } from "react";
import { NavLink, useNavigate } from "react-router";
import { useSession } from "../people/session";
import { isForKeys, useKey } from "../shared/keys";
import { later } from "../shared/later";
import { useUnits } from "../shared/Units";
import { RailCell } from "../ui";
import { applyTheme, chooseTheme, rememberedTheme } from "./colourTheme";
import { Palette, preloadPalette } from "./Palette";
import { places } from "./places";

const HouseRulesDialog = later(() =>
  import("../house/HouseRulesDialog").then((module) => module.HouseRulesDialog),
);
const AccountDialog = later(() => import("../people/AccountDialog").then((module) => module.AccountDialog));
// A wide screen never needs it.
const Drawer = later(() => import("../ui/Drawer").then((module) => module.Drawer));
const KeysDialog = later(() => import("./KeysDialog").then((module) => module.KeysDialog));

const onPhone = 4;

interface Deed {
  name: string;
  says: string;
  icon: LucideIcon;
  act: () => unknown;
}

/** The places, who is here, and what holds everywhere: at the side, or below on a phone. */
export function Rail() {
  const [more, setMore] = useState(false);
  const [wasOpened, setWasOpened] = useState(false);
  // What opens a sheet of its own waits until this one is gone: two at once hide each other.
  const chosen = useRef<Deed | null>(null);
  const doChosen = () => {
    chosen.current?.act();
    chosen.current = null;
  };
  const { deeds, dialogs } = useEverywhere();
  usePlaceKeys();
  return (
    <Flex
      as="nav"
      aria-label="Places"
      direction={{ base: "row", md: "column" }}
      gridRow={{ base: 2, md: 1 }}
      gridColumn={1}
      p={1}
      gap={{ base: 1, md: "2px" }}
      bg="paper.raised"
      borderColor="line"
      borderTopWidth={{ base: "1px", md: 0 }}
      borderRightWidth={{ md: "1px" }}
      overflowY={{ md: "auto" }}
    >
      {places.map((place, i) => (
        // Four places stand on a phone's rail; the others wait behind More.
        <PlaceLink key={place.path} place={place} isHiddenOnPhone={i >= onPhone} />
      ))}
      <RailCell
        display={{ base: "flex", md: "none" }}
        aria-expanded={more}
        onClick={() => {
          setWasOpened(true);
          setMore(true);
        }}
      >
        <Ellipsis aria-hidden />
        More
      </RailCell>
      <Box flex={1} display={{ base: "none", md: "block" }} />
      {deeds.map((deed) => (
        <DeedCell key={deed.name} deed={deed} isHiddenOnPhone />
      ))}
      {wasOpened && (
        <Drawer title="More" open={more} onClose={() => setMore(false)} onClosed={doChosen}>
          <Grid templateColumns="repeat(4, 1fr)" gap={1} pb={3} onClick={() => setMore(false)}>
            {places.slice(onPhone).map((place) => (
              <PlaceLink key={place.path} place={place} />
            ))}
            {deeds.map((deed) => (
              <DeedCell key={deed.name} deed={{ ...deed, act: () => (chosen.current = deed) }} />
            ))}
          </Grid>
        </Drawer>
      )}
      {dialogs}
    </Flex>
  );
}

const hidden = (isHiddenOnPhone: boolean) => (isHiddenOnPhone ? { base: "none", md: "flex" } : "flex");

function PlaceLink({
  place: { path, name, icon: Icon },
  isHiddenOnPhone = false,
}: {
  place: (typeof places)[number];
  isHiddenOnPhone?: boolean;
}) {
  return (
    <RailCell asChild display={hidden(isHiddenOnPhone)}>
      <NavLink to={path}>
        <Icon aria-hidden />
        {name}
      </NavLink>
    </RailCell>
  );
}

function DeedCell({
  deed: { name, says, icon: Icon, act },
  isHiddenOnPhone = false,
}: {
  deed: Deed;
  isHiddenOnPhone?: boolean;
}) {
  return (
    <RailCell display={hidden(isHiddenOnPhone)} onClick={act} aria-label={says}>
      <Icon aria-hidden />
      <chakra.span maxW="full" truncate>
        {name}
      </chakra.span>
    </RailCell>
  );
}

/** What can be done from every place: each on the rail, behind More on a phone, and by its key. */
function useEverywhere() {
  const { lead, switchLead } = useUnits();
  const { session, signIn } = useSession();
  const person = session?.person;
  const [theme, setTheme] = useState(rememberedTheme);
  const [open, setOpen] = useState<"keys" | "rules" | "palette" | "account" | null>(null);
  const close = () => setOpen(null);
  useKey(
    "h",
    useCallback(() => setOpen("rules"), []),
  );
  useKey(
    "?",
    useCallback(() => setOpen("keys"), []),
  );
  useKey("u", switchLead);
  useEffect(() => applyTheme(theme), [theme]);
  useEffect(() => {
    const timer = setTimeout(preloadPalette, 1500);
    return () => clearTimeout(timer);
  }, []);
  usePaletteKey(useCallback(() => setOpen("palette"), []));
  const switchTheme = () => {
    const next = theme === "light" ? "dark" : "light";
    chooseTheme(next);
    setTheme(next);
  };
  const deeds: Deed[] = [
    {
      name: person?.name ?? "Sign in",
      says: person ? `${person.name} is signed in. Change` : "Sign in",
      icon: UserRound,
      act: () => (person ? setOpen("account") : void signIn()),
    },
    { name: "Search", says: "Search everywhere (Ctrl K)", icon: Search, act: () => setOpen("palette") },
    {
      name: lead === "metric" ? "mm first" : "in first",
      says: `Units: ${lead} leads. Switch (U)`,
      icon: Ruler,
      act: switchLead,
    },
    theme === "light"
      ? { name: "Dark", says: "Dark theme", icon: Moon, act: switchTheme }
      : { name: "Light", says: "Light theme", icon: Sun, act: switchTheme },
    { name: "Rules", says: "House rules (H)", icon: Scale, act: () => setOpen("rules") },
    { name: "Keys", says: "Keys (?)", icon: Keyboard, act: () => setOpen("keys") },
  ];
  const dialogs = (
    <>
      {open === "rules" && <HouseRulesDialog open onClose={close} />}
      {open === "account" && <AccountDialog onClose={close} />}
      {open === "keys" && <KeysDialog open onClose={close} />}
      {open === "palette" && <Palette deeds={deeds} onClose={close} />}
    </>
  );
  return { deeds, dialogs };
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

/** Ctrl K, in a field too. */
function usePaletteKey(open: () => void) {
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== "k") return;
      event.preventDefault();
      open();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, [open]);
}
