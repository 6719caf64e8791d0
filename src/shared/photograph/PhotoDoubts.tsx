import type { Landmarks } from "@/core/anatomy";
import { headTurnDeg, MOST_TURN_DEG, type PhotoPoints } from "@/core/photograph";
import type { KeptPhoto } from "./keptPhoto";
import { Alert } from "@/ui/Alert";

interface PhotoDoubtsProps {
  photo: KeptPhoto;
  points: PhotoPoints;
  /** The face as the card has it. */
  face: Landmarks;
}

/** What makes a photograph less sure: how it was taken, and a head that is turned as its points stand now. */
export function PhotoDoubts({ photo, points, face }: PhotoDoubtsProps) {
  const turn = Math.round(headTurnDeg(points, face));
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
