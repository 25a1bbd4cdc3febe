import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { useQueryClient } from "@tanstack/react-query";
import { Check, ChevronLeft } from "lucide-react";
import type { Lead, Recipe, Schemas } from "../client";
import { SceneView } from "../drawing/SceneView";
import { useEnd } from "../job/EndSheet";
import { useSession } from "../people/session";
import { RecordPanel } from "../recording/RecordPanel";
import { useEventRecording } from "../recording/useEventRecording";
import { inOrder, thin, useUnits } from "../shared/Units";
import { operations, StepList } from "../shown/Steps";
import { Button, ErrorMessage, Loading, Panel, toast } from "../ui";
import type { Task } from "./runOrder";

const tools: Record<Schemas["WorkTool"], string> = {
  stripper: "Stripper",
  "length-stop": "Length stop",
  crimp: "Crimp",
  driver: "Driver",
};

const says = ({ sequence, state }: Schemas["RecordItem"]) =>
  `event ${sequence}, ${state === "landed" ? "landed" : "landed, out of tolerance"}.`;

/** One task: the number that it is about, its section, its steps, and the way on. */
export function TaskPanel({
  job,
  task,
  onDone,
  onUndone,
  onBack,
}: {
  job: string;
  task: Task;
  onDone: () => void;
  /** The record of it was taken back: it is to be done again. */
  onUndone: () => void;
  onBack: (() => void) | null;
}) {
  const { refusal } = useSession();
  const queries = useQueryClient();
  const recording = useEventRecording();
  const { data: end, error } = useEnd(job, task.wireId, task.side);
  if (error) return <ErrorMessage of={error} />;
  const recipe = end?.recipe;
  if (!end || !recipe) return <Loading what="Opening the end…" lines={4} />;
  const records = task.records && !refusal("record");
  const changed = task.settings.filter((setting) => setting.changed);
  const anew = () => queries.invalidateQueries({ queryKey: ["job", job] });
  const after = (recorded: Schemas["RecordItem"]) => {
    onDone();
    void anew();
    toast(`Wire ${task.wire} at ${task.landing}: ${says(recorded)}`, {
      undo: () =>
        void recording.withdraw(recorded.id).then((withdrawn) => {
          if (withdrawn) onUndone();
          void anew();
        }),
    });
  };
  return (
    <>
      {/* The driver stands beside what is tightened; on a phone under its number. */}
      <Grid
        gap={3}
        alignItems="start"
        templateColumns={{
          base: "minmax(0, 1fr)",
          lg: records ? "minmax(0, 3fr) minmax(0, 2fr)" : "minmax(0, 1fr)",
        }}
      >
        <Panel as="section" aria-label="Now" data-task={task.stage}>
          <Flex justifyContent="space-between" gap={3} flexWrap="wrap" alignItems="baseline">
            <chakra.h2 textStyle="title">
              {operations[task.operation]}: wire {task.wire} to {task.landing}
            </chakra.h2>
            <span>
              {thin(`${end.wire.size} ${end.wire.type}`)}
              {end.wire.wire.colour && `, ${end.wire.wire.colour}`}
            </span>
          </Flex>
          {changed.length > 0 && (
            <Box color="copper" fontWeight={700} data-set>
              Set it anew: {changed.map(({ tool, says }) => `${tools[tool]} ${thin(says)}`).join(", ")}
            </Box>
          )}
          <Figure task={task} recipe={recipe} />
        </Panel>
        {records && (
          <Box gridColumn={{ lg: 2 }} gridRow={{ lg: "1 / span 2" }}>
            <RecordPanel
              torque={recipe.torque}
              holding={recipe.holding}
              recording={recording}
              onRecord={(tightening) =>
                recording.send({
                  kind: "termination",
                  subject: { jobId: job, wireId: task.wireId, side: task.side },
                  tightening,
                })
              }
              onDone={after}
            />
          </Box>
        )}
        <Panel as="section" aria-label="How" gridColumn={{ lg: 1 }}>
          {end.section && (
            <SceneView
              scene={end.section}
              metal={end.wire.wire.conductor?.material ?? "copper"}
              colours={{ hue: end.wire.hue, stripe: end.wire.stripe, collar: recipe.ferrule?.colour?.name }}
              height="180px"
            />
          )}
          <StepList steps={recipe.steps.filter(({ id }) => task.steps.includes(id))} />
        </Panel>
      </Grid>
      <Flex gap={3} position="sticky" bottom={0} py={2} bg="paper">
        <Button size="lg" minH="64px" disabled={!onBack} onClick={() => onBack?.()}>
          <ChevronLeft aria-hidden />
          Back
        </Button>
        {!task.records && (
          <Button size="lg" minH="64px" flex={1} variant="solid" onClick={onDone}>
            <Check aria-hidden />
            Done, next
          </Button>
        )}
      </Flex>
    </>
  );
}

/** What the task is about, as large as it is read from across the bench. */
function Figure({ task, recipe }: { task: Task; recipe: Recipe }) {
  const { lead } = useUnits();
  const [large, small] = figureOf(task, recipe, lead);
  return (
    <Flex gap={3} alignItems="baseline" flexWrap="wrap" my={2}>
      <chakra.span textStyle="figure.xl" overflowWrap="anywhere" data-figure>
        {thin(large)}
      </chakra.span>
      {small && <chakra.span color="ink.soft">{thin(small)}</chakra.span>}
    </Flex>
  );
}

function figureOf(task: Task, { strip, torque, preparation }: Recipe, lead: Lead): [string, string?] {
  switch (task.stage) {
    case "slide-on":
      return ["Slide on first"];
    case "strip":
      return strip ? inOrder(strip.target, lead) : ["Don’t strip"];
    case "prepare":
    case "crimp":
    case "after-crimp":
      return [preparation.headline, preparation.detail];
    case "tighten":
      return torque ? inOrder(torque.target, lead) : [task.landing];
    default:
      return [task.landing];
  }
}
