import { Box, chakra } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { api, type Schemas } from "../client";
import { useHouseRules, type HouseRules } from "./houseRules";
import type { ReactNode } from "react";
import { Button, Dialog, RadioList } from "../ui";

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
    <Dialog
      title="House rules"
      open={open}
      size="lg"
      onClose={onClose}
      footer={
        <>
          <Button onClick={() => change({})}>Reset to defaults</Button>
          <Button variant="solid" onClick={onClose}>
            Close
          </Button>
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
    </Dialog>
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
    <Box as="section" borderTopWidth="1px" borderColor="line" py={3} mt={3} data-rule={rule.id}>
      <Box textStyle="lead" fontWeight={700}>
        {rule.title}
      </Box>
      <RadioList
        label={rule.title}
        value={value}
        onChange={onChoose}
        options={rule.options.map((option, i): [string, ReactNode] => [
          option.value,
          i === 0 ? (
            <>
              {option.says}
              <chakra.span color="ink.soft" fontWeight={400}>
                {" "}
                (unless you choose)
              </chakra.span>
            </>
          ) : (
            option.says
          ),
        ])}
      />
      <Box textStyle="dense" color="ink.soft">
        {rule.why} <strong>Changes:</strong> {rule.changes.charAt(0).toLowerCase() + rule.changes.slice(1)}
      </Box>
    </Box>
  );
}
