import { useEffect, useState } from "react";
import { ring } from "./ring";

export type Timer = { job: string; text: string; ends: number; rung: boolean };

const keyOf = (cook: string) => `pausis.timers.${cook}`;
const SECOND = 1000;

function load(cook: string): Timer[] {
  try {
    return JSON.parse(localStorage.getItem(keyOf(cook)) ?? "[]") as Timer[];
  } catch {
    return [];
  }
}

/** Clocks that a cook has set on this device; they outlive a reload, and ring while the page is open. */
export function useTimers(cook: string) {
  const [running, setRunning] = useState(() => load(cook));
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    try {
      localStorage.setItem(keyOf(cook), JSON.stringify(running));
    } catch {
      // They run on until the page is left.
    }
    if (running.length === 0) {
      return;
    }
    const timer = setInterval(() => setNow(Date.now()), SECOND);
    return () => clearInterval(timer);
  }, [cook, running]);
  useEffect(() => {
    if (running.some((one) => !one.rung && one.ends <= now)) {
      ring();
      setRunning((all) => all.map((one) => (one.ends <= now ? { ...one, rung: true } : one)));
    }
  }, [now, running]);
  return {
    running,
    left: (timer: Timer) => Math.max(0, Math.ceil((timer.ends - now) / SECOND)),
    start: (job: string, text: string, minutes: number) =>
      setRunning((all) => [
        ...all.filter((one) => one.job !== job),
        { job, text, ends: Date.now() + minutes * 60 * SECOND, rung: false },
      ]),
    stop: (job: string) => setRunning((all) => all.filter((one) => one.job !== job)),
  };
}

export type Timers = ReturnType<typeof useTimers>;
