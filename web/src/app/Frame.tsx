import { Suspense } from "react";
import { NavLink, Outlet } from "react-router";
import { ShortcutSheet } from "../help/ShortcutSheet";
import { useTheme } from "../kit/useTheme";
import { Waiting } from "../kit/Waiting";

const PLACES = [
  { to: "/", label: "Braises" },
  { to: "/bring", label: "Bring a recipe" },
  { to: "/notebook", label: "Notebook" },
  { to: "/cookers", label: "Cookers" },
  { to: "/house", label: "House" },
];

export function Frame() {
  const [theme, toggleTheme] = useTheme();
  return (
    <div className="flex min-h-screen flex-col">
      <a href="#content" className="absolute left-2 -top-20 z-50 rounded-lg bg-rim px-4 py-2 text-on-rim focus:top-2">
        To the content
      </a>
      <header className="border-b-2 border-rim bg-panel">
        <div className="mx-auto flex max-w-[1480px] flex-wrap items-center gap-x-5 px-4">
          <NavLink
            to="/"
            className="mr-auto flex min-h-11 items-center gap-2 text-lg font-extrabold tracking-tight text-rim"
          >
            <svg aria-hidden="true" viewBox="0 0 32 26" className="h-6 w-7">
              <path
                d="M3 9h26v8a8 8 0 0 1-8 8H11a8 8 0 0 1-8-8z"
                fill="var(--panel)"
                stroke="currentColor"
                strokeWidth="2.5"
              />
              <path d="M4 4.5h24" stroke="var(--heat)" strokeWidth="3" strokeLinecap="round" />
            </svg>
            Pausis
          </NavLink>
          <nav
            aria-label="Places"
            className="order-last flex min-w-0 basis-full gap-x-1 overflow-x-auto sm:order-none sm:flex-1 sm:basis-auto"
          >
            {PLACES.map((place) => (
              <NavLink
                key={place.to}
                to={place.to}
                end
                className="inline-flex min-h-11 shrink-0 items-center border-b-4 border-transparent px-2.5 pt-1 hover:border-line aria-[current=page]:border-heat aria-[current=page]:font-bold"
              >
                {place.label}
              </NavLink>
            ))}
          </nav>
          <button
            type="button"
            onClick={toggleTheme}
            className="min-h-11 rounded-lg px-2.5 text-sm text-soft hover:bg-sunk"
          >
            {theme === "dark" ? "Light" : "Dark"}
          </button>
        </div>
      </header>
      <main id="content" tabIndex={-1} className="mx-auto w-full max-w-[1480px] flex-1 p-3 outline-none sm:p-4">
        <Suspense fallback={<Waiting what="the page" error={null} again={() => undefined} />}>
          <Outlet />
        </Suspense>
      </main>
      <footer className="mx-auto w-full max-w-[1480px] px-4 py-3 text-sm text-soft">
        Times and amounts are estimates with their spread shown. Your local food-safety authority and your cooker’s
        booklet come first:{" "}
        <NavLink
          to="/cautions"
          className="inline-flex min-h-11 items-center font-semibold text-rim underline underline-offset-4"
        >
          the cautions
        </NavLink>
        . <ShortcutSheet />
      </footer>
    </div>
  );
}
