import { Collapsible } from "radix-ui";
import type { SumView } from "../api/types";

/** A number that unfolds into the terms it is the sum of. */
export function Sum({ sum }: { sum: SumView }) {
  return (
    <Collapsible.Root className="my-1">
      <Collapsible.Trigger className="group flex min-h-11 w-full items-center gap-2 rounded-lg px-1 text-left hover:bg-sunk">
        <span
          aria-hidden="true"
          className="inline-block w-3 text-rim before:content-['▸'] group-data-[state=open]:rotate-90 motion-safe:transition-transform"
        />
        <span className="flex-1">
          {sum.title}
          <span className="sr-only">, the sum behind it</span>
        </span>
        <span className="font-bold">{sum.total}</span>
      </Collapsible.Trigger>
      <Collapsible.Content>
        <table className="mt-1 mb-2 w-full border-collapse bg-sunk text-sm">
          <caption className="sr-only">{sum.title}</caption>
          <tbody>
            {sum.terms.map((term) => (
              <tr key={`${term.text}${term.rule}`} className="border-b border-line align-top">
                <td className="px-2 py-1">
                  {term.text}
                  <span className="block text-soft">{term.rule}</span>
                </td>
                <td className="px-2 py-1 text-right whitespace-nowrap">{term.value}</td>
              </tr>
            ))}
            <tr className="font-bold">
              <td className="px-2 py-1">together</td>
              <td className="px-2 py-1 text-right whitespace-nowrap">{sum.total}</td>
            </tr>
          </tbody>
        </table>
      </Collapsible.Content>
    </Collapsible.Root>
  );
}
