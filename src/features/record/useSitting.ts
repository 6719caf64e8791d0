import { useMemo } from "react";
import { chairSteps, readLog, stepsSeen } from "@/core/chair";
import { useWorking } from "@/shared/workspace/WorkspaceContext";

/** The log of the chair, where there is one that no record was made of yet. */
export function useSitting() {
  const { given, look, context } = useWorking();
  return useMemo(() => {
    const log = readLog(chairSteps(look, context), given.sitting);
    const session = given.sitting[0]?.session ?? null;
    const taken = given.records.some(
      (record) => record.session !== null && record.session === session,
    );
    return log.done.length && !taken
      ? { log, session, steps: stepsSeen(look, context, log) }
      : null;
  }, [look, context, given]);
}
export type Sitting = NonNullable<ReturnType<typeof useSitting>>;
