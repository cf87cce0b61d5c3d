import { type ReactNode, useRef } from "react";
import { Problem } from "../api/Problem";
import { useHouse, useSayOfCook } from "../api/queries";
import type { CookedDraft, CookedPageView } from "../api/types";
import { Check } from "../kit/Check";
import { Field } from "../kit/Field";
import { Notice } from "../kit/Notice";
import { SelectField } from "../kit/SelectField";
import { useSavedAsTyped } from "../kit/useSavedAsTyped";
import { CookedClock } from "./CookedClock";
import { Stars } from "./Stars";

const SAYS = { kept: "kept", keeping: "keeping …", refused: "not kept", offline: "kept here, sent later" };

/** A cook's page: planned beside happened, how it was liked, what to change. */
export function CookedBody({ page, again }: { page: CookedPageView; again?: (nextTime: string) => ReactNode }) {
  const us = useHouse().data?.draft.units === "us";
  const say = useSayOfCook(page.cook.id);
  const revision = useRef(page.revision);
  const { draft, change, keeping } = useSavedAsTyped<Omit<CookedDraft, "revision">>(
    `cooked ${page.cook.id}`,
    {
      note: page.note,
      nextTime: page.nextTime,
      meatStars: page.meatStars,
      sauceStars: page.sauceStars,
      cookedBy: page.cookedBy,
      leftOut: page.cook.leftOut,
    },
    async (next) => {
      revision.current = (await say.mutateAsync({ ...next, revision: revision.current })).revision;
    },
  );
  const set = (part: Partial<typeof draft>) => change({ ...draft, ...part });
  const area = (label: string, field: "note" | "nextTime", note: string) => (
    <Field label={label} note={note}>
      {(controls) => (
        <textarea
          {...controls}
          rows={3}
          maxLength={field === "note" ? 4000 : 2000}
          className="mt-0.5 w-full border-2 border-edge bg-panel p-2.5"
          value={draft[field]}
          onChange={(event) => set({ [field]: event.target.value })}
        />
      )}
    </Field>
  );
  return (
    <div className="grid gap-5">
      <div className="flex flex-wrap items-baseline justify-between gap-x-5">
        <p className="font-semibold">{page.cook.said}</p>
        <a className="link" href={`/api/notebook/${page.cook.id}.pdf?paper=${us ? "letter" : "a4"}`} download>
          This page to print
        </a>
      </div>
      <CookedClock page={page} />
      <div className="grid gap-x-10 gap-y-5 table:grid-cols-2">
        <table className="w-full border-collapse self-start">
          <thead>
            <tr className="border-b border-edge text-left text-sm text-soft">
              <th className="py-1 font-semibold">
                <span className="sr-only">what</span>
              </th>
              <th className="py-1 font-semibold">planned</th>
              <th className="py-1 font-semibold">happened</th>
            </tr>
          </thead>
          <tbody>
            {page.lines.map((line) => (
              <tr key={line.what} className="border-b border-line align-top">
                <th scope="row" className="py-1 pr-3 text-left font-normal text-soft">
                  {line.what}
                </th>
                <td className="py-1 pr-3">{line.planned}</td>
                <td className="py-1 font-semibold">{line.happened}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <div className="grid content-start gap-3">
          <div>
            <Stars label="The meat" value={draft.meatStars} onChange={(meatStars) => set({ meatStars })} />
            <Stars label="The sauce" value={draft.sauceStars} onChange={(sauceStars) => set({ sauceStars })} />
          </div>
          {page.people.length > 0 && (
            <SelectField
              label="Cooked by"
              value={draft.cookedBy}
              empty="nobody says"
              options={page.people}
              onChange={(cookedBy) => set({ cookedBy })}
            />
          )}
          {area("Note", "note", "")}
          {area(
            "What to change next time",
            "nextTime",
            "In your words: half an hour longer, less wine, thicker sauce.",
          )}
          <Check
            label="It was odd: learn nothing of it"
            checked={draft.leftOut}
            onChange={(leftOut) => set({ leftOut })}
          />
          <p role="status" className="text-sm text-soft">
            {SAYS[keeping]}
            {page.learned !== "" && `. ${page.learned}`}
          </p>
          {keeping === "refused" && say.error instanceof Problem && (
            <Notice kind="warn" word="Not kept">
              {say.error.violations[0]?.message ?? say.error.message}
            </Notice>
          )}
        </div>
      </div>
      {again?.(draft.nextTime)}
      <details>
        <summary className="cursor-pointer font-semibold text-rim">What was recorded</summary>
        <ul className="mt-1">
          {page.events.map((event) => (
            <li key={`${event.clock} ${event.text}`} className="py-0.5">
              <span className="mr-3 inline-block min-w-20 text-soft">{event.clock}</span>
              {event.text}
            </li>
          ))}
        </ul>
      </details>
    </div>
  );
}
