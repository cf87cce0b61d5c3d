import { Collapsible } from "radix-ui";
import type { SumView } from "../api/types";
import { Waterfall } from "./Waterfall";

/** A number that unfolds into the terms it is the sum of. */
export function Sum({ sum, short = false }: { sum: SumView; short?: boolean }) {
  return (
    <Collapsible.Root className={short ? "contents" : "my-0.5"}>
      <Collapsible.Trigger className={`link text-left text-sm ${short ? "" : "flex w-full items-baseline gap-2"}`}>
        {short ? (
          <>
            sum<span className="sr-only"> behind {sum.title}</span>
          </>
        ) : (
          <>
            <span className="flex-1">
              {sum.title}
              <span className="sr-only">, the sum behind it</span>
            </span>
            <span className="font-bold">{sum.total}</span>
          </>
        )}
      </Collapsible.Trigger>
      <Collapsible.Content className="basis-full">
        <Waterfall sum={sum} />
      </Collapsible.Content>
    </Collapsible.Root>
  );
}
