import { chakra, Flex } from "@chakra-ui/react";
import { useId } from "react";

const Option = chakra("label", {
  base: {
    display: "flex",
    alignItems: "center",
    justifyContent: "center",
    flex: "1 1 auto",
    minH: "44px",
    px: 2,
    fontSize: "15px",
    cursor: "pointer",
    borderWidth: "1px",
    borderColor: "line.strong",
    bg: "paper.raised",
    _first: { borderStartRadius: "md" },
    _last: { borderEndRadius: "md" },
    "&:not(:first-of-type)": { borderInlineStartWidth: 0 },
    "&:has(:checked)": { bg: "copper.wash", color: "copper", fontWeight: 700 },
    "&:has(:focus-visible)": { outline: "3px solid {colors.focus}", outlineOffset: "2px", zIndex: 1 },
  },
});

/** One of a few, side by side: native radio buttons, so arrow keys work as everywhere. */
export function Choice<T extends string>({
  label,
  options,
  value,
  onChange,
  wrap = false,
}: {
  label: string;
  options: [T, string][];
  value: T;
  onChange: (value: T) => void;
  /** Whether the options may take more than one line. */
  wrap?: boolean;
}) {
  const name = useId();
  return (
    <Flex role="radiogroup" aria-label={label} w="100%" flexWrap={wrap ? "wrap" : undefined}>
      {options.map(([option, text]) => (
        <Option key={option}>
          <chakra.input
            type="radio"
            name={name}
            checked={value === option}
            onChange={() => onChange(option)}
            position="absolute"
            opacity={0}
            w="1px"
            h="1px"
          />
          {text}
        </Option>
      ))}
    </Flex>
  );
}
