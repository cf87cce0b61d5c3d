import { useForgetMeaning, useMeanings } from "../api/queries";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";

/** What words of recipes mean in this house: corrections of the reader, remembered. */
export function MeaningsPanel() {
  const meanings = useMeanings();
  const forget = useForgetMeaning();
  return (
    <Panel title="What words mean here">
      <p className="mb-2 max-w-prose text-sm text-soft">
        When you correct what a recipe’s line was taken for, it is remembered and used for the next recipe.
      </p>
      {meanings.data?.length === 0 && <p>Nothing has been corrected yet.</p>}
      <ul className="grid gap-1">
        {meanings.data?.map((meaning) => (
          <li key={meaning.words} className="flex flex-wrap items-center justify-between gap-x-4 border-b border-line">
            <span>
              “{meaning.words}” <span aria-hidden="true">→</span>
              <span className="sr-only"> means </span> <strong>{meaning.text || "as read"}</strong>
            </span>
            <Button
              weight="quiet"
              className="px-2 text-sm"
              aria-label={`Forget what ${meaning.words} means`}
              onClick={() => forget.mutate(meaning.words)}
            >
              Forget
            </Button>
          </li>
        ))}
      </ul>
    </Panel>
  );
}
