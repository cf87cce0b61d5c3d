import { TextField } from "../kit/TextField";

/** When something was: empty for now. */
export function AtField({
  value,
  problem,
  onChange,
}: {
  value: string;
  problem: string | undefined;
  onChange: (at: string) => void;
}) {
  return (
    <div className="w-32">
      <TextField label="at (empty for now)" value={value} placeholder="14:10" problem={problem} onChange={onChange} />
    </div>
  );
}
