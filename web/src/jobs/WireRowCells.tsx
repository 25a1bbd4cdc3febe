import { chakra } from "@chakra-ui/react";
import { Plus } from "lucide-react";
import { useEffect, useRef, type ReactNode } from "react";
import { WireSwatch } from "../shown/WireSwatch";
import { thin } from "../shared/Units";
import type { Wire } from "../job/jobApi";
import { EndStateWord } from "../job/Lace";
import { severities } from "../shown/severity";
import type { Grid } from "./useGridKeys";
import { wireColumns } from "./wireColumns";
import { Button, CellInput } from "../ui";

export const leadWidth = 52;
export const stateWidth = 120;

const Cell = chakra("div", {
  base: {
    flex: "none",
    px: 2,
    display: "flex",
    alignItems: "center",
    gap: 2,
    overflow: "hidden",
    whiteSpace: "nowrap",
    textOverflow: "ellipsis",
    borderInlineEndWidth: "1px",
    borderColor: "line",
    textStyle: "dense",
    cursor: "text",
    "&:focus-visible": { outline: "3px solid {colors.focus}", outlineOffset: "-3px" },
    "&[data-new=true]": { color: "ink.soft" },
    "&[aria-invalid=true]": { color: "stop", boxShadow: "inset 0 0 0 2px {colors.stop}" },
  },
});

/** The cells of one wire, or of the empty row that makes a new one. */
export function WireRowCells({
  wire,
  row,
  grid,
  onOpen,
}: {
  wire: Wire | null;
  row: number;
  grid: Grid;
  onOpen: (wire: string, side: "a" | "b") => void;
}) {
  const worst = wire?.worst ? severities[wire.worst] : null;
  const Icon = worst?.icon;
  return (
    <>
      <Cell role="gridcell" w={`${leadWidth}px`} px={0} justifyContent="center" cursor="default">
        {wire ? (
          <Button
            variant="ghost"
            size="icon"
            rounded={0}
            h="full"
            onClick={() => onOpen(wire.wire.id, "a")}
            aria-label={`Open wire ${wire.wire.name}${worst ? `: ${worst.word.toLowerCase()}` : ""}`}
            color={worst?.colour ?? "ink.soft"}
          >
            {Icon ? <Icon aria-hidden size={20} /> : <span aria-hidden>›</span>}
          </Button>
        ) : (
          <Plus aria-hidden size={18} />
        )}
      </Cell>
      {wireColumns.map((column, index) => (
        <TextCell
          key={column.field}
          name={column.name}
          width={column.width}
          sign={column.field === "colour" && wire ? <WireSwatch hue={wire.hue} stripe={wire.stripe} /> : null}
          text={grid.pending(row, column.field) ?? (wire ? column.of(wire) : "")}
          hint={wire ? "" : column.hint}
          isNew={!wire}
          active={grid.active?.row === row && grid.active.column === index}
          first={grid.active === null && row === grid.firstRow && index === 0}
          editing={grid.active?.row === row && grid.active.column === index ? grid.text : null}
          wrong={grid.isWrong(row, column.field)}
          onActive={() => grid.go(row, index)}
          onEdit={() => grid.edit(row, index)}
          onText={grid.setText}
          onLeave={grid.leave}
        />
      ))}
      {(["a", "b"] as const).map((side) => (
        <Cell key={side} role="gridcell" w={`${stateWidth}px`} cursor="default">
          {wire && <EndStateWord progress={wire[side]} />}
        </Cell>
      ))}
    </>
  );
}

function TextCell({
  name,
  width,
  sign,
  text,
  hint,
  isNew,
  active,
  first,
  editing,
  wrong,
  onActive,
  onEdit,
  onText,
  onLeave,
}: {
  name: string;
  width: number;
  /** What is shown before the text: a wire’s colour. */
  sign: ReactNode;
  text: string;
  hint: string;
  isNew: boolean;
  active: boolean;
  first: boolean;
  editing: string | null;
  wrong: boolean;
  onActive: () => void;
  onEdit: () => void;
  onText: (text: string) => void;
  onLeave: () => void;
}) {
  const ref = useRef<HTMLDivElement>(null);
  const wasActive = useRef(false);
  useEffect(() => {
    // The cell that is on is the one that has the keyboard.
    if (active && editing === null && document.activeElement !== ref.current)
      ref.current?.focus({ preventScroll: true });
  }, [active, editing]);
  return (
    <Cell
      ref={ref}
      role="gridcell"
      tabIndex={active || first ? 0 : -1}
      w={`${width}px`}
      data-new={isNew && !text}
      data-cell={name}
      title={text}
      aria-invalid={wrong || undefined}
      // A click on the cell that is on already types into it; the first one only goes there.
      onMouseDown={() => (wasActive.current = active)}
      onFocus={() => !active && onActive()}
      onClick={() => wasActive.current && onEdit()}
      onDoubleClick={onEdit}
    >
      {editing === null ? (
        <>
          {sign}
          {thin(text) || hint}
        </>
      ) : (
        <CellInput
          // The hand is in this cell: it has asked to type here.
          autoFocus
          value={editing}
          maxLength={200}
          aria-label={name}
          onChange={(event) => onText(event.target.value)}
          onBlur={onLeave}
          onClick={(event) => event.stopPropagation()}
        />
      )}
    </Cell>
  );
}
