import { Link } from "react-router";
import { PlaceHeading } from "./PlaceHeading";
import { useTitle } from "./useTitle";

export function NowherePage() {
  useTitle("Nowhere");
  return (
    <div className="mx-auto max-w-xl py-12 text-center">
      <h1 className="sr-only">Pausis</h1>
      <PlaceHeading className="text-2xl font-bold">There is nothing at this address</PlaceHeading>
      <p className="mt-2">
        Back to{" "}
        <Link to="/" className="link">
          today
        </Link>
        .
      </p>
    </div>
  );
}
