import { useForgetLearned, useTrustLearned } from "../api/queries";
import type { CookerView } from "../api/types";
import { Button } from "../kit/Button";
import { Notice } from "../kit/Notice";

/** Its last cooks were those of another cooker: a repair, a new lid, another socket? */
export function HasItChanged({ cooker }: { cooker: CookerView }) {
  const forget = useForgetLearned(cooker.id);
  const trust = useTrustLearned(cooker.id);
  if (!cooker.changed) {
    return null;
  }
  const error = forget.error ?? trust.error;
  return (
    <Notice kind="warn" word="Has anything changed at this cooker?" live>
      <p>
        Its last two cooks don’t fit what was known of it, so its heat counts as hardly known again and the windows are
        wide. {error?.message}
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        <Button onClick={() => forget.mutate()} disabled={forget.isPending}>
          Yes: learn it anew
        </Button>
        <Button onClick={() => trust.mutate()} disabled={trust.isPending}>
          No, nothing
        </Button>
      </div>
    </Notice>
  );
}
