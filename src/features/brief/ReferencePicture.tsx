"use client";

import { useSay } from "@/shared/say/useSay";
import { ask } from "@/shared/ask";
import { Alert } from "@/ui/Alert";
import "react-image-crop/dist/ReactCrop.css";
import { Link } from "@/ui/Link";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import ReactCrop, { type PercentCrop } from "react-image-crop";
import { toast } from "sonner";
import type { PictureColour } from "@/core/colour";
import { labToHex } from "@/core/colour";
import { isColour, isWearable, type Reference } from "@/core/look";
import { mediumOf } from "@/core/paint";
import { pixelsOf } from "@/shared/mixing/picture";
import { useMatches, wishKey, type Match } from "@/shared/mixing/useMatches";
import { mixingWorker } from "@/shared/mixing/useMixSearch";
import { recipeWords } from "@/shared/mixing/words";
import { useAnswer, type Ask } from "@/shared/workers/useAnswer";
import { Waiting } from "@/shared/workers/Waiting";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { type Refusal } from "@/ui/request";
import { Swatch } from "@/ui/Swatch";
import { ReferenceFace } from "./ReferenceFace";
import type { MixingWorker } from "@/workers/mixing";

const ACCEPT = "image/jpeg,image/png,image/webp";
const SWATCHES = 8;

/** The picture the look is drawn from: whose it is, the part that counts, and the colours in it matched to the shelf. */
export function ReferencePicture() {
  const { given } = useWorking();
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const upload = async (file: File | undefined) => {
    if (!file) return;
    setBusy(true);
    setProblem(null);
    try {
      const response = await fetch(`/api/looks/${given.look.id}/reference`, {
        method: "POST",
        headers: { "content-type": file.type || "application/octet-stream" },
        body: file,
      });
      if (response.ok) router.refresh();
      else {
        const refusal = (await response.json()) as Refusal;
        setProblem(
          `${refusal.title} ${refusal.errors?.map(({ message }) => message).join("; ") ?? ""}`,
        );
      }
    } catch {
      setProblem("The studio doesn't answer. Nothing is lost: choose the picture again.");
    }
    setBusy(false);
  };
  return (
    <section className="card-plain p-4 sm:p-5" aria-label="Reference picture">
      <h2 className="text-lg">Reference picture</h2>
      <p className="muted mb-3 text-sm">
        Your own drawing, or somebody else&apos;s with their name beside it. Its colours are pulled
        out and matched to the shelf.
      </p>
      <label className="block max-w-md text-sm">
        <span className="label-line">
          {given.reference ? "Another picture" : "Choose a picture"}
        </span>
        <input
          type="file"
          accept={ACCEPT}
          disabled={busy}
          className="file-input w-full"
          onChange={(event) => {
            void upload(event.target.files?.[0]);
            event.target.value = "";
          }}
        />
      </label>
      <p className="muted mt-1 text-xs">
        JPEG, PNG or WebP, up to 12 MB and 40 million pixels. It is kept in the studio&apos;s own
        file, without what the camera wrote into it.
      </p>
      {problem && <Alert className="mt-2">{problem}</Alert>}
      {given.reference && <Kept key={given.reference.id} reference={given.reference} />}
    </section>
  );
}

const asPercent = (crop: Reference["crop"]): PercentCrop =>
  crop
    ? {
        unit: "%",
        x: crop.x * 100,
        y: crop.y * 100,
        width: crop.width * 100,
        height: crop.height * 100,
      }
    : { unit: "%", x: 0, y: 0, width: 100, height: 100 };
const asShares = ({ x, y, width, height }: PercentCrop): Reference["crop"] =>
  width >= 99.5 && height >= 99.5
    ? null
    : {
        x: x / 100,
        y: y / 100,
        width: Math.min(width / 100, 1 - x / 100),
        height: Math.min(height / 100, 1 - y / 100),
      };

const askColours: Ask<
  MixingWorker,
  { url: string; crop: Reference["crop"] },
  readonly PictureColour[]
> = async (api, { url, crop }) => api.coloursOf((await pixelsOf(url, crop)).data, SWATCHES);

function Kept({ reference }: { reference: Reference }) {
  const { given } = useWorking();
  const router = useRouter();
  const [kept, setKept] = useState<Pick<Reference, "version" | "credit" | "crop">>(reference);
  const [crop, setCrop] = useState<PercentCrop>(asPercent(reference.crop));
  const [credit, setCredit] = useState(reference.credit);
  const url = `/api/references/${reference.id}`;
  const save = async (fields: { credit: string; crop: Reference["crop"] }) => {
    const answer = await ask(
      "PUT /api/references/[id]",
      { id: reference.id },
      { version: kept.version, fields },
    );
    if (answer.ok) setKept({ version: answer.value.version, ...fields });
    else
      toast(answer.refusal.title, {
        description: answer.refusal.errors?.map(({ message }) => message).join("; "),
      });
  };
  const question = useMemo(() => ({ url, crop: kept.crop }), [url, kept.crop]);
  const colours = useAnswer(mixingWorker, question, askColours);
  const putAway = async () => {
    await ask("PUT /api/references/[id]/archived", { id: reference.id }, { archived: true });
    toast("The picture is archived", {
      action: {
        label: "Bring it back",
        onClick: () => {
          void ask(
            "PUT /api/references/[id]/archived",
            { id: reference.id },
            { archived: false },
          ).then(() => router.refresh());
        },
      },
    });
    router.refresh();
  };
  return (
    <div className="mt-4 grid gap-5 md:grid-cols-[minmax(0,20rem)_minmax(0,1fr)]">
      <div>
        <div className="rounded-box bg-surround p-2">
          <ReactCrop
            crop={crop}
            onChange={(_, percent) => setCrop(percent)}
            onComplete={(_, percent) => {
              if (percent.width >= 2 && percent.height >= 2)
                void save({ credit: kept.credit, crop: asShares(percent) });
            }}
            ruleOfThirds={false}
            ariaLabels={{
              cropArea: "Part of the picture that counts; arrow keys move it",
              nwDragHandle: "top left",
              nDragHandle: "top",
              neDragHandle: "top right",
              eDragHandle: "right",
              seDragHandle: "bottom right",
              sDragHandle: "bottom",
              swDragHandle: "bottom left",
              wDragHandle: "left",
            }}
          >
            <img
              src={url}
              alt={`Reference of ${given.look.design.name}${kept.credit ? `, by ${kept.credit}` : ""}`}
              width={reference.width}
              height={reference.height}
              className="max-h-80 w-auto"
            />
          </ReactCrop>
        </div>
        <label className="mt-2 block text-sm">
          <span className="label-line">Credit</span>
          <input
            type="text"
            className="input"
            maxLength={200}
            value={credit}
            onChange={(event) => setCredit(event.target.value)}
            onBlur={() => {
              if (credit.trim() !== kept.credit)
                void save({ credit: credit.trim(), crop: kept.crop });
            }}
          />
        </label>
        {!kept.credit && (
          <p className="muted mt-1 text-xs">
            Credit the artist, and make it your own: a painter&apos;s face is theirs (RECORD-2).
          </p>
        )}
        <div className="mt-2 flex gap-2">
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => {
              setCrop(asPercent(null));
              void save({ credit: kept.credit, crop: null });
            }}
          >
            Whole picture
          </button>
          <button type="button" className="btn btn-ghost btn-sm" onClick={() => void putAway()}>
            Put it away
          </button>
        </div>
      </div>
      <Waiting answer={colours} doing="Reading its colours" what="the colours" />
      <div>
        {colours.value && <PictureColours swatches={colours.value} />}
        <ReferenceFace url={url} />
      </div>
    </div>
  );
}

function PictureColours({ swatches }: { swatches: readonly PictureColour[] }) {
  const { given, look, context, apply, undo } = useWorking();
  const fit = useMemo(
    () =>
      given.products.filter(
        (product) =>
          product.colour &&
          mediumOf(product.material) === "water" &&
          isWearable(product, context.person),
      ),
    [given.products, context.person],
  );
  const answer = useMatches(
    swatches.map(({ hex }) => ({ key: wishKey(hex, fit), hex, products: fit })),
  );
  const matches = answer.value;
  const layers = look.layers.filter(({ role }) => isColour(role));
  const give = (hex: string, layerId: string) => {
    const layer = layers.find(({ id }) => id === layerId);
    if (layer && apply({ op: "changeLayer", id: layerId, change: { target: hex } }))
      toast(`${hex} is what ${layer.name} is meant to be`, {
        description: "The colour chapter shows how to mix it.",
        action: { label: "Undo", onClick: undo },
      });
  };
  return (
    <div>
      <h3 className="mb-1 font-semibold">Its colours</h3>
      {answer.error !== null && (
        <Waiting answer={answer} doing="Matching the colours" what="the matches" />
      )}
      <ul aria-label="Colours of the picture" className="flex flex-col">
        {swatches.map((swatch) => {
          const match = matches?.get(wishKey(swatch.hex, fit));
          return (
            <li
              key={swatch.hex}
              className="flex flex-wrap items-center gap-3 border-t rule py-1.5 text-sm"
            >
              <Swatch hex={swatch.hex} size={34} />
              <span className="w-24">
                <span className="block font-semibold">{swatch.hex}</span>
                <span className="muted text-xs">
                  {swatch.share < 0.01 ? "under 1 %" : `${Math.round(swatch.share * 100)} %`}
                  {swatch.accent ? ", accent" : ""}
                </span>
              </span>
              <Matched match={match} products={context.products} />
              {layers.length > 0 && (
                <select
                  className="select select-sm !w-36"
                  aria-label={`Give ${swatch.hex} to a layer`}
                  value=""
                  onChange={(event) => give(swatch.hex, event.target.value)}
                >
                  <option value="">give to a layer</option>
                  {layers.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
                </select>
              )}
              <Link className="link" href={`/mixing?target=${encodeURIComponent(swatch.hex)}`}>
                Bench
              </Link>
            </li>
          );
        })}
      </ul>
      <p className="muted mt-1 text-xs">
        k-means++ in OKLab; small colours that nothing else in the picture is like are kept. Matched
        to water colours {context.person.name} may wear.
      </p>
    </div>
  );
}

function Matched({
  match,
  products,
}: {
  match: Match | undefined;
  products: ReadonlyMap<string, { name: string }>;
}) {
  const say = useSay();
  const best =
    match?.mix && match.single && match.mix.deltaE + 1 < match.single.deltaE
      ? match.mix
      : (match?.single ?? match?.mix);
  if (!best)
    return <span className="muted flex-1">{match?.done ? "nothing on the shelf" : "looking"}</span>;
  return (
    <span className="flex min-w-40 flex-1 items-center gap-2">
      <Swatch hex={labToHex(best.lab)} size={28} />
      <span>
        <span className="block">{recipeWords(best.parts, products)}</span>
        <span className="muted text-xs">
          colour difference {say.number(best.deltaE, 1)}
          {match?.done ? "" : ", still looking"}
        </span>
      </span>
    </span>
  );
}
