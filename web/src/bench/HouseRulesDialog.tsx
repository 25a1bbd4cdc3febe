import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { api, type Schemas } from "../client";
import { DialogFrame } from "../shared/DialogFrame";
import { Action } from "../shared/Panel";
import { useHouseRules, type HouseRules } from "./houseRules";

type Rule = Schemas["HouseRuleText"];

const chosen = (rules: HouseRules, rule: Rule) =>
  String(rules[rule.id as keyof HouseRules] ?? rule.options[0]?.value);

/** The choices that people make where good people disagree: both schools named, and what each one changes. */
export function HouseRulesDialog({
  open,
  onClose,
  whose = "Yours are kept on this device, and every record keeps the ones it was done to.",
}: {
  open: boolean;
  onClose: () => void;
  whose?: string;
}) {
  const texts = useQuery({ queryKey: ["house-rules"], queryFn: api.houseRules, staleTime: Infinity });
  const { rules, change } = useHouseRules();
  const choose = (rule: Rule, value: string) =>
    change({ ...rules, [rule.id]: Number.isNaN(Number(value)) ? value : Number(value) });
  return (
    <DialogFrame
      title="House rules"
      open={open}
      width="720px"
      onClose={onClose}
      footer={
        <>
          <Action onClick={() => change({})}>All as they were at first</Action>
          <Action look="main" onClick={onClose}>
            Close
          </Action>
        </>
      }
    >
      <Box color="ink.soft">Where good people disagree. {whose}</Box>
      {texts.error && <Box color="stop">{texts.error.message}</Box>}
      {(texts.data ?? []).map((rule) => (
        <RuleChoice
          key={rule.id}
          rule={rule}
          value={chosen(rules, rule)}
          onChoose={(value) => choose(rule, value)}
        />
      ))}
    </DialogFrame>
  );
}

function RuleChoice({
  rule,
  value,
  onChoose,
}: {
  rule: Rule;
  value: string;
  onChoose: (value: string) => void;
}) {
  return (
    <chakra.fieldset borderTopWidth="1px" borderColor="line" py={3} mt={3} data-rule={rule.id}>
      <chakra.legend fontWeight={700} float="left" w="100%">
        {rule.title}
      </chakra.legend>
      <Flex direction="column" clear="both">
        {rule.options.map((option, i) => (
          <Flex
            as="label"
            key={option.value}
            gap={3}
            alignItems="center"
            minH="44px"
            cursor="pointer"
            fontWeight={value === option.value ? 700 : 400}
          >
            <chakra.input
              type="radio"
              name={rule.id}
              w="22px"
              h="22px"
              flex="none"
              checked={value === option.value}
              onChange={() => onChoose(option.value)}
            />
            <span>
              {option.says}
              {i === 0 && (
                <chakra.span color="ink.soft" fontWeight={400}>
                  {" "}
                  (unless you choose)
                </chakra.span>
              )}
            </span>
          </Flex>
        ))}
      </Flex>
      <Box fontSize="15px" color="ink.soft">
        {rule.why} <strong>Changes:</strong> {rule.changes.charAt(0).toLowerCase() + rule.changes.slice(1)}
      </Box>
    </chakra.fieldset>
  );
}
