import { STOPPED } from "./heldWorker";
import type { Answer } from "./useAnswer";

/**
 * What stands where an answer will: that it is being worked out, with a way to stop it; or why there
 * is none, with a way to try again. Nothing once it is there.
 */
export function Waiting({
  answer,
  doing,
  what,
}: {
  answer: Pick<Answer<unknown>, "fresh" | "error" | "cancel" | "retry">;
  /** "Working out the call" */
  doing: string;
  /** "the call" */
  what: string;
}) {
  if (answer.error !== null)
    return (
      <div role="alert" className="my-3 border-l-4 border-base-content pl-3">
        <p>
          {answer.error !== STOPPED && <strong>Couldn&apos;t work out {what}. </strong>}
          {answer.error}
        </p>
        <button type="button" className="btn btn-sm mt-2" onClick={answer.retry}>
          Try again
        </button>
      </div>
    );
  if (answer.fresh) return null;
  return (
    <p role="status" className="my-3 flex flex-wrap items-center gap-3">
      {doing} …
      <button type="button" className="btn btn-ghost btn-sm" onClick={answer.cancel}>
        Stop
      </button>
    </p>
  );
}
