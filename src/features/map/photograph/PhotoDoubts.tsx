import { headTurnDeg, MOST_TURN_DEG, type PhotoPoints } from "@/core/photograph";
import type { KeptPhoto } from "@/shared/photograph/keptPhoto";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Alert } from "@/ui/Alert";

/** What makes a photograph less sure: how it was taken, and a head that is turned as its points stand now. */
export function PhotoDoubts({ photo, points }: { photo: KeptPhoto; points: PhotoPoints }) {
  const { context } = useWorking();
  const turn = Math.round(headTurnDeg(points, context.figure.landmarks));
  return (
    <>
      {photo.doubts?.map((doubt) => (
        <Alert key={doubt}>{doubt}</Alert>
      ))}
      {Math.abs(turn) > MOST_TURN_DEG && (
        <Alert>
          The head is turned some {Math.abs(turn)}° to their {turn > 0 ? "left" : "right"}: what
          lies on the far side will be off. Take another one from the front.
        </Alert>
      )}
    </>
  );
}
