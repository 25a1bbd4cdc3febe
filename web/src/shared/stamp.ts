import { recall, remember } from "./remembered";

/** This device's own name and count, which every event carries. */
export function stamp() {
  const device = recall("device", `device-${crypto.randomUUID().slice(0, 8)}`);
  const deviceSequence = recall("deviceSequence", 0) + 1;
  remember("device", device);
  remember("deviceSequence", deviceSequence);
  return { device, deviceSequence, id: crypto.randomUUID(), claimedAt: new Date().toISOString() };
}
