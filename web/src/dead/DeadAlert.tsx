import { useEffect } from "react";
import { useLocation } from "react-router";
import { useDevices } from "../recording/Devices";
import { useSession } from "../people/session";
import { later } from "../shared/later";

const load = () => import("./LapsedAlerts");
const LapsedAlerts = later(() => load().then((module) => module.LapsedAlerts));

/** What counts as live again, on every screen of whoever has a lock there or has that job open. */
export function DeadAlert() {
  const { dead } = useDevices();
  const { session } = useSession();
  const { pathname } = useLocation();
  const me = session?.person?.id;
  // At hand before it is needed: what it tells may be the last that the network carries.
  useEffect(() => {
    if (me) void load().catch(() => undefined);
  }, [me]);
  const lapsed = dead.filter(
    ({ state, people, jobId }) =>
      state === "lapsed" && ((me && people.includes(me)) || pathname.includes(jobId)),
  );
  return lapsed.length > 0 && <LapsedAlerts lapsed={lapsed} />;
}
