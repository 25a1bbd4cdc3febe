import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { CircleCheckBig } from "lucide-react";
import { useCallback, useEffect } from "react";
import { jobApi } from "../job/jobApi";
import { useKey } from "../shared/keys";
import { recall, useRemembered } from "../shared/remembered";
import { useUnits } from "../shared/Units";
import { operations } from "../shown/Steps";
import { Disclosure, EmptyState, ErrorMessage, Link, Loading } from "../ui";
import { keyOf, progressOf, read, stillAsked, type Task } from "./runOrder";
import { TaskPanel } from "./TaskPanel";

/** The tasks of an enclosure, one at a time. */
export function Tasks({ job, enclosure, name }: { job: string; enclosure: string; name: string }) {
  const { lead } = useUnits();
  const run = useQuery({
    queryKey: ["job", job, "run", enclosure, lead],
    queryFn: async () => read(await jobApi.run(job, enclosure, lead)),
    placeholderData: (before) => before,
  });
  const mine = `run.${enclosure}`;
  // What was done and is in no record yet is this device's own; the record begins where an end is tight.
  const [ticked, tick] = useRemembered<string[]>(mine, []);
  const tasks = run.data?.tasks;
  const progress = progressOf(tasks ?? [], ticked);
  const { now } = progress;
  const goOn = useCallback(() => {
    if (now && tasks) tick([...stillAsked(tasks, ticked), keyOf(now)]);
  }, [now, tasks, tick, ticked]);
  const goBack = useCallback(() => tick(ticked.slice(0, -1)), [tick, ticked]);
  const accept = useCallback(() => {
    if (now && !now.records) goOn();
  }, [goOn, now]);
  useKey("enter", accept);
  useKey("pagedown", accept);
  useKey("backspace", goBack);
  useAwake();
  if (run.error) return <ErrorMessage of={run.error} />;
  if (!run.data) return <Loading what="Putting the work in order…" lines={5} />;
  const { waiting, toolChanges, plainToolChanges } = run.data;
  return (
    <>
      {now ? (
        <>
          <Flex gap={3} flexWrap="wrap" justifyContent="space-between" color="ink.soft" textStyle="dense">
            <span data-progress>
              {progress.of - progress.left + 1} of {progress.of}
            </span>
            <span>
              Tools set anew {toolChanges} times
              {plainToolChanges > toolChanges && `; in the order of the list ${plainToolChanges}`}
            </span>
          </Flex>
          <TaskPanel
            key={keyOf(now)}
            job={job}
            task={now}
            onDone={goOn}
            onUndone={() => tick(recall<string[]>(mine, []).filter((key) => key !== keyOf(now)))}
            onBack={ticked.length > 0 ? goBack : null}
          />
          <Next tasks={progress.next} />
        </>
      ) : (
        <EmptyState icon={<CircleCheckBig />} title={`${name}: every end that can be is done.`}>
          What waits stands below; what was done, in the <Link to="/log">Log</Link>.
        </EmptyState>
      )}
      {waiting.length > 0 && (
        <Disclosure label={`${waiting.length} ${waiting.length === 1 ? "end waits" : "ends wait"}`}>
          {waiting.map(({ wireId, wire, side, why }) => (
            <Box key={wireId + side} my={1}>
              <Link to={`/jobs/${job}/wires?wire=${wireId}&side=${side}`}>
                Wire {wire}, end {side.toUpperCase()}
              </Link>
              : {why}
            </Box>
          ))}
        </Disclosure>
      )}
    </>
  );
}

/** What comes after, so that the hand lies ready. */
function Next({ tasks }: { tasks: Task[] }) {
  if (tasks.length === 0) return null;
  return (
    <Box as="section" aria-label="Next" color="ink.soft" textStyle="dense">
      {tasks.map((task) => (
        <Box key={keyOf(task)}>
          {operations[task.operation]} wire {task.wire} for {task.landing}
          {task.settings.some(({ changed }) => changed) && (
            <strong>
              :{" "}
              {task.settings
                .filter(({ changed }) => changed)
                .map(({ says }) => says)
                .join(", ")}
            </strong>
          )}
        </Box>
      ))}
    </Box>
  );
}

/** The screen stays awake while hands are full, where the browser can. */
function useAwake() {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let isOver = false;
    const hold = () => {
      if (document.visibilityState !== "visible" || !("wakeLock" in navigator)) return;
      void navigator.wakeLock.request("screen").then(
        (held) => {
          if (isOver) void held.release();
          else lock = held;
        },
        () => undefined,
      );
    };
    hold();
    document.addEventListener("visibilitychange", hold);
    return () => {
      isOver = true;
      document.removeEventListener("visibilitychange", hold);
      void lock?.release();
    };
  }, []);
}
