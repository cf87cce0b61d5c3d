import { Link, Outlet } from "react-router";
import { useTable } from "../kit/useTable";
import { Mark } from "./Mark";
import { Places } from "./Places";
import { HOUSE } from "./places";

/** The strip of the house: its places, and the way in for a recipe. */
export function HouseFrame() {
  const table = useTable();
  return (
    <>
      <header className="sticky top-0 z-30 flex h-11 items-start gap-3 bg-panel px-4 table:px-6">
        <Link to="/" className="mr-auto flex h-11 items-center gap-2 font-extrabold tracking-tight text-rim">
          <Mark />
          Pausis
        </Link>
        {table && <Places label="Places of the house" places={HOUSE} base="" />}
        <Link
          to="/bring"
          className="mt-1 flex h-9 items-center rounded-lg bg-rim px-4 text-sm font-semibold text-on-rim hover:brightness-110"
        >
          Bring a recipe
        </Link>
      </header>
      <main id="content" tabIndex={-1} className="px-4 pt-3 outline-none table:px-6">
        <Outlet />
      </main>
      {!table && (
        <div className="fixed inset-x-0 bottom-0 z-30 border-t-2 border-rim bg-panel">
          <Places label="Places of the house" places={HOUSE} base="" bar />
        </div>
      )}
    </>
  );
}
