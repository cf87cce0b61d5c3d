import { useTitle } from "../app/useTitle";
import { Notice } from "../kit/Notice";
import { Panel } from "../kit/Panel";

const CAUTIONS: { title: string; rules: string[] }[] = [
  {
    title: "Time in the cold hours",
    rules: [
      "The coldest point of the meat and the liquid are both past 60 °C (140 °F) within 4 hours of leaving the fridge. Where nine pots of ten don’t manage it on Low, Low is refused here.",
      "Raw food stands in the kitchen for 2 hours at most, 1 hour above 32 °C (90 °F).",
      "Frozen meat is thawed first, in the fridge, a day for each 2 kg.",
      "A filled insert straight from the fridge can crack, and it counts into the cold hours.",
      "A delayed start is at most 2 hours, with everything cold.",
    ],
  },
  {
    title: "Before it goes in",
    rules: [
      "Browned or part-cooked meat is never kept overnight to finish tomorrow: brown it, then cook it straight away. Chopped vegetables and dry spices may wait in the fridge, raw meat apart from them.",
      "Red kidney and other dried beans of their kind are soaked, then boiled hard for 30 minutes, before they go into the pot. A slow cooker alone can make them more poisonous, not less. Tinned ones are fine.",
      "Raw meat has its own board and knife; wash your hands after it, and after chillies before you touch your eyes.",
    ],
  },
  {
    title: "Done, and kept",
    rules: [
      "By thermometer: poultry 74 °C (165 °F); pork, beef and lamb in whole cuts 63 °C (145 °F) and a rest. A braise is far past it.",
      "Warm holds at 60 °C or more for at most 4 hours. Nothing is cooked or reheated on Warm: reheat on the hob to 74 °C, then transfer.",
      "After a power cut while nobody was there, throw it away, unless it was already cooked and has been under 60 °C for less than 2 hours. If you were there, finish it another way at once.",
      "Leftovers go into shallow boxes and into the fridge within 2 hours; 3 to 4 days there, 2 to 3 months in the freezer; reheated to 74 °C.",
    ],
  },
  {
    title: "Hands, eyes, teeth",
    rules: [
      "Lift the lid away from you: the steam burns.",
      "Vent a blender and fill it half for hot liquid, or let it cool; a reducing glaze spatters.",
      "Take out bones, string, bay leaves and whole spices before serving; they are counted for you in each braise.",
      "No hot glass lid or insert on a cold or wet surface.",
      "Allergens in the pot are named in each braise; say them at the table.",
    ],
  },
];

/** The usual cautions, on one page. */
export function CautionsPage() {
  useTitle("Cautions");
  return (
    <div className="mx-auto grid max-w-3xl gap-3">
      <h1 className="text-2xl font-bold">Cautions</h1>
      <Notice kind="warn" word="Who comes first">
        Your local food-safety authority and your cooker’s booklet come first, before anything said here.
      </Notice>
      {CAUTIONS.map((group) => (
        <Panel key={group.title} title={group.title}>
          <ul className="grid list-disc gap-2 pl-5">
            {group.rules.map((rule) => (
              <li key={rule}>{rule}</li>
            ))}
          </ul>
        </Panel>
      ))}
    </div>
  );
}
