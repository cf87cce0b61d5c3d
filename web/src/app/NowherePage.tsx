import { Link } from "react-router";

export function NowherePage() {
  return (
    <div className="mx-auto max-w-xl py-12 text-center">
      <h1 className="text-2xl font-bold">There is no such page</h1>
      <p className="mt-2">
        Back to the{" "}
        <Link to="/" className="text-rim underline">
          braises
        </Link>
        .
      </p>
    </div>
  );
}
