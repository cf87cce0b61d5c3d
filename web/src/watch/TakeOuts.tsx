import { useEffect, useState } from "react";

const keyOf = (cook: string, job: string) => `pausis.out.${cook}.${job}`;

function load(key: string): string[] {
  try {
    return JSON.parse(sessionStorage.getItem(key) ?? "[]") as string[];
  } catch {
    return [];
  }
}

/** What has been fished out so far, on this device, over a reload. */
export function useFishedOut(cook: string, job: string, all: string[]) {
  const key = keyOf(cook, job);
  const [out, setOut] = useState({ key, names: load(key) });
  const names = out.key === key ? out.names : load(key);
  useEffect(() => {
    if (out.key === key) {
      try {
        sessionStorage.setItem(key, JSON.stringify(out.names));
      } catch {
        // They are ticked as long as the page stands.
      }
    }
  }, [key, out]);
  return {
    names,
    left: all.filter((name) => !names.includes(name)).length,
    turn: (name: string) =>
      setOut({ key, names: names.includes(name) ? names.filter((one) => one !== name) : [...names, name] }),
  };
}

export type FishedOut = ReturnType<typeof useFishedOut>;

/** What comes out and isn’t eaten, each ticked as it is found. */
export function TakeOuts({ all, out }: { all: string[]; out: FishedOut }) {
  return (
    <ul aria-label="Comes out" className="grid gap-x-4 sm:grid-cols-2">
      {all.map((name) => {
        const isOut = out.names.includes(name);
        return (
          <li key={name}>
            <button
              type="button"
              aria-pressed={isOut}
              className="flex min-h-12 w-full items-center gap-3 border-b border-line text-left text-xl hover:bg-sunk"
              onClick={() => out.turn(name)}
            >
              <span
                aria-hidden="true"
                className={`size-7 shrink-0 rounded border-2 border-edge text-center leading-6 font-bold ${isOut ? "bg-rim text-on-rim" : "bg-panel"}`}
              >
                {isOut ? "✓" : ""}
              </span>
              <span className={isOut ? "text-soft line-through" : ""}>{name}</span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
