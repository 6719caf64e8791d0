"use client";

import { useMemo, useState } from "react";
import { toast } from "sonner";
import { zoneInfo } from "@/core/anatomy";
import { layerTargets, likeness, otherProportions, type ReferenceArea } from "@/core/inspect";
import { hexOf } from "@/core/look";
import type { PhotoPoints } from "@/core/photograph";
import { listed } from "@/core/text/words";
import { FindFace } from "@/shared/photograph/FindFace";
import { readPhoto, type KeptPhoto } from "@/shared/photograph/keptPhoto";
import { useReferenceAreas } from "@/shared/photograph/usePaintedPhoto";
import { useSay } from "@/shared/say/useSay";
import { Waiting } from "@/shared/workers/Waiting";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Alert } from "@/ui/Alert";
import { HowWorkedOut } from "@/ui/HowWorkedOut";
import { Swatch } from "@/ui/Swatch";

/** A painted face on the reference picture: its colours by area as what the layers are meant to be, and how like it the design is. */
export function ReferenceFace({ url }: { url: string }) {
  const { context } = useWorking();
  const [photo, setPhoto] = useState<KeptPhoto | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const open = async () => {
    try {
      const answer = await fetch(url);
      const picture = await answer.blob();
      setPhoto(await readPhoto(new File([picture], "reference", { type: picture.type })));
      setProblem(null);
    } catch (reason) {
      setProblem(reason instanceof Error ? reason.message : "The picture could not be read.");
    }
  };
  const close = (
    <button type="button" className="btn btn-sm" onClick={() => setPhoto(null)}>
      Close
    </button>
  );
  return (
    <section aria-label="The face on it" className="mt-4 border-t rule pt-3">
      <h3 className="font-semibold">The face on it</h3>
      {problem && <Alert>{problem}</Alert>}
      {!photo && (
        <>
          <p className="muted text-sm">
            If it shows a painted face from the front, each layer can take its colours from it, and
            the design is compared with it.
          </p>
          <button type="button" className="btn btn-sm mt-2" onClick={() => void open()}>
            Find the face
          </button>
        </>
      )}
      {photo && !photo.points && (
        <div className="flex h-[30rem] flex-col rounded-box bg-surround text-[#111]">
          <FindFace
            photo={photo}
            face={context.figure.landmarks}
            onFound={(points, doubts) => setPhoto({ ...photo, points, doubts })}
            removal={close}
          />
        </div>
      )}
      {photo?.points && (
        <>
          <Read photo={photo} points={photo.points} />
          <div className="mt-2">{close}</div>
        </>
      )}
    </section>
  );
}

function Read({ photo, points }: { photo: KeptPhoto; points: PhotoPoints }) {
  const { context } = useWorking();
  const answer = useReferenceAreas(photo, points, context.figure);
  const proportions = useMemo(
    () => otherProportions(points, context.figure.landmarks),
    [points, context.figure],
  );
  return (
    <>
      <Waiting answer={answer} doing="Reading the face" what="the face" />
      {answer.value && <Targets areas={answer.value} />}
      {proportions.length > 0 && <p className="mt-2 text-sm">{proportions.join(" ")}</p>}
    </>
  );
}

function Targets({ areas }: { areas: readonly ReferenceArea[] }) {
  const say = useSay();
  const { look, prediction, apply, undo } = useWorking();
  const targets = useMemo(() => layerTargets(look, areas), [look, areas]);
  const like = useMemo(() => likeness(areas, prediction), [areas, prediction]);
  const take = () => {
    const patches = targets.map(({ layerId: id, hex }) => ({
      op: "changeLayer" as const,
      id,
      change: { target: hex },
    }));
    if (apply({ op: "several", patches }))
      toast("The layers now aim for these colours", {
        description: "The colour chapter shows how to mix each.",
        action: { label: "Undo", onClick: undo },
      });
  };
  if (!targets.length)
    return <p className="text-sm">No layer of this look covers an area the picture shows.</p>;
  return (
    <>
      <ul aria-label="Layers by the picture" className="mt-1 text-sm">
        {targets.map(({ layerId, name, hex }) => {
          const layer = look.layers.find(({ id }) => id === layerId);
          const film = [...prediction.films.values()].flat().find((one) => one.layer === layer);
          return (
            <li key={layerId} className="flex items-center gap-2 border-t rule py-1">
              <Swatch hex={hex} size={26} label={`${name} on the picture`} />
              <Swatch hex={film ? hexOf(film.colour) : null} size={26} label={`${name} now`} />
              {name}
            </li>
          );
        })}
      </ul>
      <p className="muted text-xs">The picture first, the design second.</p>
      <button type="button" className="btn btn-sm mt-2" onClick={take}>
        Use these colours for the layers
      </button>
      {like && (
        <p className="mt-2 text-sm" role="status">
          {likeWords(like.deltaE)}: a colour difference of {say.number(like.deltaE, 1)} over the
          face. Farthest off: {listed(like.worst.map(({ zone }) => zoneInfo(zone).label))}.
        </p>
      )}
      <HowWorkedOut>
        The face on the picture is laid over this one by its landmarks; of each area the middle
        colour is taken, as it is on the picture, by whatever light it was taken. Likeness is the
        mean CIEDE2000 over the areas, as much as each is of the face.
      </HowWorkedOut>
    </>
  );
}

/** How like a design is, as one says it. Steps are common practice, no published source. */
function likeWords(deltaE: number): string {
  if (deltaE < 5) return "Very close to the picture";
  if (deltaE < 12) return "Close to the picture";
  return deltaE < 25 ? "Some way from the picture" : "Far from the picture";
}
