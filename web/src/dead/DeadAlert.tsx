import { useEffect, useState } from "react";
import { useLocation } from "react-router";
import { useDevices } from "../recording/Devices";
import { useSession } from "../people/session";
import { later } from "../shared/later";
import type { Told } from "./deadApi";

const load = () => import("./LapsedAlerts");
const LapsedAlerts = later(() => load().then((module) => module.LapsedAlerts));

/** So long before a proof ends whoever is inside is asked, ms. */
const warned = 5 * 60_000;

/**
 * What counts as live again, on every screen of whoever has a lock there or has that job open; and what soon will, of
 * whoever has a lock there.
 */
export function DeadAlert() {
  const { dead } = useDevices();
  const { session } = useSession();
  const { pathname } = useLocation();
  const me = session?.person?.id;
  // At hand before it is needed: what it tells may be the last that the network carries.
  useEffect(() => {
    if (me) void load().catch(() => undefined);
  }, [me]);
  const now = useNow(dead.some(({ until }) => until !== null));
  const isMine = ({ people }: Told) => me !== undefined && people.includes(me);
  const lapsed = dead.filter(
    (told) => told.state === "lapsed" && (isMine(told) || pathname.includes(told.jobId)),
  );
  const ending = dead.filter(
    (told) => told.until !== null && isMine(told) && Date.parse(told.until) - now < warned,
  );
  return lapsed.length + ending.length > 0 && <LapsedAlerts lapsed={lapsed} ending={ending} />;
}

/** The time, as far as minutes matter; it stands still while nothing waits for it. */
function useNow(matters: boolean) {
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    if (!matters) return;
    const tick = setInterval(() => setNow(Date.now()), 20_000);
    return () => clearInterval(tick);
  }, [matters]);
  return now;
}
