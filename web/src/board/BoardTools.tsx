import { Flex } from "@chakra-ui/react";
import { Ellipsis, Filter, ListTree, Plus, Printer, Table2 } from "lucide-react";
import { memo } from "react";
import { useNavigate } from "react-router";
import { useIsPhone } from "../shared/useIsPhone";
import { Button, Menu, Segments } from "../ui";

export type ShownAs = "drawing" | "table";

const nameOf = { drawing: "Show as drawing", table: "Show as table" } as const;

/** How the board is shown, what of it, what feeds it, and what else is done with it; on a phone, behind one button. */
export const BoardTools = memo(function BoardTools({
  job,
  as,
  onAs,
  narrowing,
  isNarrowed,
  onNarrowing,
  onFeeds,
  onAddLanding,
}: {
  job: string;
  as: ShownAs;
  onAs: (as: ShownAs) => void;
  narrowing: boolean;
  isNarrowed: boolean;
  onNarrowing: (narrowing: boolean) => void;
  onFeeds: (open: boolean) => void;
  onAddLanding: () => void;
}) {
  const navigate = useNavigate();
  const isPhone = useIsPhone();
  const other = as === "drawing" ? "table" : "drawing";
  const narrow = () => onNarrowing(!narrowing);
  const also = [
    { name: "Add a landing", icon: <Plus aria-hidden />, onSelect: onAddLanding },
    { name: "Print", icon: <Printer aria-hidden />, onSelect: () => void navigate(`/print/${job}`) },
  ];
  const onPhone = [
    { name: "Fed from, feeds", icon: <ListTree aria-hidden />, onSelect: () => onFeeds(true) },
    { name: "Show only…", icon: <Filter aria-hidden />, onSelect: narrow },
    { name: nameOf[other], icon: <Table2 aria-hidden />, onSelect: () => onAs(other) },
  ];
  return (
    <>
      {!isPhone && (
        <>
          <Flex w="170px">
            <Segments
              label="Shown as"
              value={as}
              onChange={onAs}
              options={[
                ["drawing", "Drawing"],
                ["table", "Table"],
              ]}
            />
          </Flex>
          <Button aria-expanded={narrowing} aria-pressed={isNarrowed} onClick={narrow}>
            <Filter aria-hidden />
            Show only…
          </Button>
          <Button onClick={() => onFeeds(true)}>
            <ListTree aria-hidden />
            Fed from, feeds
          </Button>
        </>
      )}
      <Menu
        trigger={
          <Button size="icon" aria-label="More for this board">
            <Ellipsis aria-hidden />
          </Button>
        }
        items={isPhone ? [...onPhone, ...also] : also}
      />
    </>
  );
});
