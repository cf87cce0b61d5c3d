import type { PotView } from "../api/types";
import { Moved } from "../kit/Moved";
import { Panel } from "../kit/Panel";
import { Sum } from "../kit/Sum";
import { Cutaway } from "./Cutaway";

export function PotPanel({ pot }: { pot: PotView }) {
  return (
    <Panel title="The pot" aside={<Moved className="text-sm font-semibold">{pot.fillText}</Moved>}>
      <Cutaway pot={pot} />
      <p className="mt-2 text-sm">{pot.text}</p>
      <Sum sum={pot.below} />
    </Panel>
  );
}
