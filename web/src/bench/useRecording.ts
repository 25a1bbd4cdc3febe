import { useEventRecording } from "../recording/useEventRecording";
import type { Pair } from "../shared/pair";
import type { HouseRules } from "../house/houseRules";
import type { NewTightening } from "../recording/RecordPanel";

/** Records what was done at the Bench. */
export function useRecording() {
  const events = useEventRecording();
  return {
    ...events,
    record: (
      { conductor, landing, second, about }: Pair,
      houseRules: HouseRules,
      measuredStripMm: number | null,
      tightening: NewTightening,
    ) =>
      events.send({
        kind: "termination",
        conductor,
        landing,
        second: second ?? null,
        ferruleLabelMm2: about?.ferruleLabelMm2 ?? null,
        houseRules,
        measuredStripMm,
        tightening,
      }),
  };
}
