import { useState } from "react";
import { useLocation } from "react-router";
import { Problem } from "../api/Problem";
import { request } from "../api/request";
import { useTitle } from "../app/useTitle";
import { Button } from "../kit/Button";
import { TextField } from "../kit/TextField";

/** Where a device is asked for the house’s passphrase, once. */
export function DoorPage() {
  useTitle("The door");
  const search = new URLSearchParams(useLocation().search);
  const [passphrase, setPassphrase] = useState("");
  const [problem, setProblem] = useState<string>();
  const [asking, setAsking] = useState(false);
  const to = search.get("to") ?? "/";
  return (
    <form
      className="mx-auto grid max-w-md gap-4 px-4 pt-16"
      onSubmit={(event) => {
        event.preventDefault();
        setAsking(true);
        request("POST", "/door", { passphrase })
          .then(() => location.assign(to.startsWith("/") && !to.startsWith("//") ? to : "/"))
          .catch((error: Problem) => setProblem(error instanceof Problem ? error.message : "Not let in."))
          .finally(() => setAsking(false));
      }}
    >
      <h1 className="text-4xl font-extrabold text-rim">Come in</h1>
      <p className="text-lg">
        This device is new to the house. Say the passphrase that the kitchen’s machine has shown; it is asked once.
      </p>
      <TextField
        label="The house’s passphrase"
        value={passphrase}
        problem={problem}
        className="mt-0.5 min-h-14 w-full rounded-lg border-2 border-line bg-panel px-3 text-xl aria-[invalid]:border-heat"
        onChange={(said) => {
          setPassphrase(said);
          setProblem(undefined);
        }}
      />
      <Button type="submit" weight="main" className="min-h-14 text-xl" disabled={asking || passphrase.trim() === ""}>
        {asking ? "Asking …" : "Come in"}
      </Button>
    </form>
  );
}
