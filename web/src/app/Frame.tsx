import { Suspense } from "react";
import { Link, Outlet } from "react-router";
import { useSender } from "../api/useOutbox";
import { ShortcutSheet } from "../help/ShortcutSheet";
import { useTable } from "../kit/useTable";
import { useTheme } from "../kit/useTheme";
import { Waiting } from "../kit/Waiting";
import { Updated } from "./Updated";
import { useFocusKept } from "./useFocusKept";

/** What is around every place: the way past the strip, and at the foot who comes first. */
export function Frame() {
  const [theme, toggleTheme] = useTheme();
  const table = useTable();
  useFocusKept();
  useSender();
  return (
    <div className={`flex min-h-screen flex-col ${table ? "" : "pb-14"}`}>
      <a href="#content" className="absolute left-2 -top-20 z-50 rounded-lg bg-rim px-4 py-2 text-on-rim focus:top-2">
        To the content
      </a>
      <Updated>
        <Suspense
          fallback={
            <>
              <h1 className="sr-only">Pausis</h1>
              <Waiting what="the place" error={null} again={() => undefined} />
            </>
          }
        >
          <Outlet />
        </Suspense>
      </Updated>
      <footer className="mt-auto flex flex-wrap items-baseline gap-x-4 px-4 pt-6 pb-3 text-xs text-soft table:px-6">
        <p className="min-w-0 flex-1 basis-72">
          Estimates, with their spread shown. Your local food-safety authority and your cooker’s booklet come first:{" "}
          <Link to="/cautions" className="link">
            the cautions
          </Link>
          .
        </p>
        <ShortcutSheet />
        <button type="button" onClick={toggleTheme} className="link">
          {theme === "dark" ? "Light" : "Dark"}
        </button>
      </footer>
    </div>
  );
}
