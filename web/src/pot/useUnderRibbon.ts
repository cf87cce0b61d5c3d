import { type RefObject, useEffect, useState } from "react";

/** Where something stands under the ribbon: how far its left edge is in, and how wide the ribbon is, so that hours keep their place. */
export function useUnderRibbon(box: RefObject<HTMLElement | null>, width: number): [number, number] {
  const [place, setPlace] = useState<[number, number]>([0, width]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: measured again as the width changes
  useEffect(() => {
    const [own, ribbon] = [
      box.current?.getBoundingClientRect(),
      document.querySelector("[data-ribbon]")?.getBoundingClientRect(),
    ];
    if (own !== undefined && ribbon !== undefined) {
      setPlace([own.left - ribbon.left, ribbon.width]);
    }
  }, [box, width]);
  return place;
}
