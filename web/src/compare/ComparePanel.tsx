import { useState } from "react";
import { usePreview } from "../api/queries";
import type { Adaptation, BraiseDraft } from "../api/types";
import { useBraisePlace } from "../braise/BraiseContext";
import { Button } from "../kit/Button";
import { Pick } from "../kit/Figure";
import { useDebounced } from "../kit/useDebounced";
import { variants } from "./variants";

type Row = { name: string; of: (adaptation: Adaptation) => string };

const chosen = (adaptation: Adaptation) => adaptation.outcomes.find((outcome) => outcome.chosen);

const ROWS: Row[] = [
  { name: "Setting", of: (one) => chosen(one)?.label ?? "" },
  { name: "The day", of: (one) => chosen(one)?.day ?? "" },
  { name: "Fork-tender", of: (one) => chosen(one)?.windows.find((window) => window.level === "fork")?.text ?? "" },
  { name: "Past 60 °C", of: (one) => chosen(one)?.safety ?? "" },
  { name: "Work before", of: (one) => one.before.total },
  { name: "Work at the end", of: (one) => one.finish.total },
  { name: "Liquid to load", of: (one) => one.liquid.load },
  { name: "To boil off", of: (one) => one.liquid.reduce || "nothing" },
  { name: "Salt at the end", of: (one) => one.salt.after },
  { name: "Filled to", of: (one) => one.pot.fillText },
  { name: "Worry", of: (one) => one.worry || "none" },
];

/** This braise beside one changed thing: what differs is marked, and can be taken. */
export function ComparePanel() {
  const { view, draft, adaptation, catalogue, cookers, change } = useBraisePlace();
  const [name, setName] = useState("");
  if (adaptation === null) {
    return null;
  }
  const offered = variants(draft, adaptation, catalogue, cookers);
  const variant = offered.find((one) => one.name === name);
  return (
    <div>
      <Pick
        label="Compare as it is with"
        wide
        value={variant ? name : ""}
        empty="choose one change"
        options={offered.map((one) => ({ value: one.name, label: one.label }))}
        onChange={setName}
      />
      {variant && (
        <Comparison
          braiseId={view.id}
          draft={{ ...draft, ...variant.part }}
          now={adaptation}
          label={variant.label}
          onTake={() => {
            change(variant.part);
            setName("");
          }}
        />
      )}
    </div>
  );
}

function Comparison({
  braiseId,
  draft,
  now,
  label,
  onTake,
}: {
  braiseId: string;
  draft: BraiseDraft;
  now: Adaptation;
  label: string;
  onTake: () => void;
}) {
  const preview = usePreview(useDebounced(draft, 200), braiseId);
  const other = preview.data?.adaptation;
  if (other === undefined || other === null) {
    return (
      <p className="mt-3" role="status">
        {preview.data?.problems[0]?.message ?? preview.error?.message ?? "Working it out …"}
      </p>
    );
  }
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls sideways on a phone must take the focus
    <section aria-label={`As it is, and ${label}`} tabIndex={0} className="mt-3 overflow-x-auto">
      <table className="w-full min-w-[26rem] border-collapse text-sm">
        <thead>
          <tr className="border-b-2 border-rim text-left align-bottom">
            <th className="w-36 py-1">
              <span className="sr-only">what</span>
            </th>
            <th className="w-1/2 py-1 pr-3">As it is</th>
            <th className="py-1">{label}</th>
          </tr>
        </thead>
        <tbody>
          {ROWS.map((row) => {
            const [mine, theirs] = [row.of(now), row.of(other)];
            const differs = mine !== theirs;
            return (
              <tr key={row.name} className="border-b border-line align-top">
                <th scope="row" className="py-1.5 pr-2 text-left text-sm font-semibold text-soft">
                  {row.name}
                </th>
                <td className="py-1.5 pr-3">{mine}</td>
                <td className={`py-1.5 ${differs ? "font-semibold" : "text-soft"}`}>
                  {differs ? (
                    <>
                      <span aria-hidden="true" className="text-rim">
                        ≠{" "}
                      </span>
                      {theirs}
                    </>
                  ) : (
                    "the same"
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="mt-2">{other.verdict}</p>
      <Button weight="main" className="mt-2" onClick={onTake}>
        Take it: {label}
      </Button>
    </section>
  );
}
