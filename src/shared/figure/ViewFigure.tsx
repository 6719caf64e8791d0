import { useMemo } from "react";
import {
  boundingBox,
  centroid,
  hairBand,
  hairOn,
  mirror,
  zoneInfo,
  type Figure,
  type Hair,
  type Point,
  type Side,
  type ZoneId,
} from "@/core/anatomy";
import type { Chart } from "@/core/anatomy/surface";
import { hexToLab, reflectanceFromLab, type Spectrum } from "@/core/colour";
import {
  hexOf,
  isArea,
  sheenOf,
  visibleLayers,
  zonesFilledBy,
  type VisibleLayer,
} from "@/core/look";
import { Features } from "./Features";
import { AreaPaint, Soft } from "./AreaPaint";
import { AreaTargets } from "./AreaTargets";
import { FaceFigure, type FaceFigureProps } from "./FaceFigure";
import { Garment } from "./Garment";
import { Gloss } from "./Gloss";
import { HairMass, hairOfFace } from "./Hair";
import { Iris } from "./Iris";
import { lineColour } from "./lineColour";
import { UnderCostume } from "./UnderCostume";
import { MarkPaint } from "./MarkPaint";
import { pathOf } from "./path";
import { ReliefImage } from "./ReliefImage";
import { Beard, Stubble } from "./Stubble";
import type { FormLight } from "./useRelief";
import { chartsOf, sceneOf, type Scene, type ViewKey } from "./views";

interface ViewFigureProps extends FaceFigureProps {
  view: ViewKey;
}

/** The figure from any side: the face with all its guides, or the zones and marks that another view shows. */
export function ViewFigure({ view, ...props }: ViewFigureProps) {
  return view === "face" ? <FaceFigure {...props} /> : <OtherView view={view} {...props} />;
}

function OtherView({
  view,
  id,
  look,
  context,
  prediction,
  title,
  upTo,
  whole,
  lamp = "D65",
  formLight = "above",
  contours = true,
  guides = {},
  selected = [],
  onZone,
  className,
}: ViewFigureProps) {
  const { figure, person } = context;
  const charts = chartsOf(view);
  const scene = useMemo(() => sceneOf(figure, view), [figure, view]);
  const sheen = useMemo(() => sheenOf(look, context, upTo), [look, context, upTo]);
  const visible = visibleLayers(look, context, prediction, upTo, whole, lamp);
  const hexOfFilm = (colour: Spectrum) => hexOf(colour, lamp);
  const lit = (hex: string) =>
    lamp === "D65" ? hex : hexOf(reflectanceFromLab(hexToLab(hex)), lamp);
  const bareHex = (zone: ZoneId) => hexOfFilm(prediction.bare(zone));
  const lines = lineColour(lit(person.skin));
  const beard = {
    ...{ id, full: person.beard === "beard", colour: lit(person.brow) },
    areas: scene.zones,
  };
  const painted = new Set(visible.flatMap(({ colours }) => [...colours.keys()]));
  // Between zones that meet at the jaw and under the ear one sees what the neck is painted with.
  const onNeck = visible
    .findLast(
      ({ layer, colours }) =>
        !layer.marks.length && layer.part.kind === "whole" && colours.has("neckFront"),
    )
    ?.colours.get("neckFront");
  const groundHex = onNeck ? hexOfFilm(onNeck) : bareHex("forehead");
  const isCapped = visible.some(({ layer }) => zonesFilledBy(layer).includes("scalp"));
  const { box } = scene;
  const line = Math.max(0.8, box.height / 900);
  const isProfile = view === "leftProfile" || view === "rightProfile";
  const side: Side = view === "rightProfile" ? "right" : "left";
  const hair = isCapped ? [] : hairIn(scene, figure, isProfile ? side : null);
  const onAreas = ({ layer, colours }: VisibleLayer) => (
    <AreaPaint
      key={layer.id}
      {...{ id, layer, figure }}
      painted={scene.zones.flatMap((area) => {
        const colour = colours.get(area.id);
        return colour ? [{ area, hex: hexOfFilm(colour) }] : [];
      })}
      carry={(zone) => scene.carry[zoneInfo(zone).frame]}
      flat={!isProfile && view !== "topOfHead"}
    />
  );
  const inShapes = (entry: VisibleLayer) => (
    <MarkPaint
      key={entry.layer.id}
      visible={entry}
      {...{ id, context, lamp }}
      carry={(mark) =>
        (isArea(mark) && scene.zones.some(({ id: zone }) => zone === mark.zone)) ||
        scene.shows(mark) ||
        (mark.mirrored && scene.shows(mirror(mark)))
          ? scene.carry[mark.frame]
          : null
      }
    />
  );
  return (
    <svg
      viewBox={`${box.left} ${box.top} ${box.width} ${box.height}`}
      className={className}
      role="img"
      aria-label={title}
      preserveAspectRatio="xMidYMid meet"
      style={{ printColorAdjust: "exact" }}
    >
      <defs>
        {scene.zones.map((zone) => (
          <path key={zone.id} id={`${id}-${zone.id}`} d={pathOf(zone.polygon, true)} />
        ))}
        <clipPath id={`${id}-skin`}>
          {scene.ground && <path d={pathOf(scene.ground, true)} />}
          {scene.zones.map((zone) => (
            <use key={zone.id} href={`#${id}-${zone.id}`} />
          ))}
          {hair.map((mass, i) => (
            <path key={i} d={pathOf(mass.outline, true)} />
          ))}
        </clipPath>
        <Soft id={`${id}-soft1`} deviation={1} />
        <Iris id={id} lit={lit} />
        <Stubble id={id} colour={beard.colour} full={beard.full} />
      </defs>
      <g
        fill="none"
        stroke={contours ? lines : "none"}
        strokeWidth={line * 2.4}
        strokeLinejoin="round"
      >
        {scene.ground && <path d={pathOf(scene.ground, true)} fill={bareHex("forehead")} />}
        {scene.zones.map((zone) => (
          <use key={zone.id} href={`#${id}-${zone.id}`} />
        ))}
      </g>
      {scene.ground && <path d={pathOf(scene.ground, true)} fill={groundHex} />}
      {scene.zones.map((zone) => (
        <use
          key={zone.id}
          href={`#${id}-${zone.id}`}
          fill={bareHex(zone.id)}
          stroke={bareHex(zone.id)}
          strokeWidth={0.5}
        />
      ))}
      <Garment
        {...{ id, person, visible }}
        lines={contours ? lines : null}
        areas={scene.zones}
        over={false}
      />
      {person.beard !== "none" && <Beard {...beard} />}
      {hair.map((mass, i) => (
        <HairMass key={i} hair={mass} colour={lit(person.hair ?? person.brow)} />
      ))}
      <g clipPath={`url(#${id}-skin)`}>
        {visible.filter(({ isOver }) => !isOver).map(onAreas)}
        {person.beard !== "none" && <Beard {...beard} through={painted} />}
        {visible
          .filter(({ isOver }) => isOver)
          .map((entry) => (entry.layer.marks.length ? inShapes(entry) : onAreas(entry)))}
        <Garment
          {...{ id, person, visible }}
          lines={contours ? lines : null}
          areas={scene.zones}
          over
        />
        {(["body", "head"] as const).map((part) => (
          <Form
            key={part}
            {...{ id, figure, sheen, part, scene }}
            chart={charts[part]}
            light={formLight}
          />
        ))}
      </g>
      <g
        fill="none"
        stroke={contours ? lines : "none"}
        strokeWidth={line * 0.5}
        opacity={0.22}
        pointerEvents="none"
      >
        {scene.zones.map((zone) => (
          <use key={zone.id} href={`#${id}-${zone.id}`} />
        ))}
      </g>
      {guides.costume && (
        <UnderCostume
          id={id}
          zones={scene.zones.map((zone) => zone.id)}
          brief={context.brief}
          mm={box.height / 270}
        />
      )}
      {scene.face && (
        <Features
          {...{ figure, id, lines }}
          white={lit("#efeae4")}
          outline={isCapped ? "whole" : "belowHair"}
        />
      )}
      {isProfile && (
        <ProfileFeatures
          scene={scene}
          figure={figure}
          side={side}
          lines={lines}
          lit={lit}
          id={id}
        />
      )}
      {selected.length > 0 && (
        <g pointerEvents="none" fill="none" strokeLinejoin="round">
          {scene.zones
            .filter((zone) => selected.includes(zone.id))
            .flatMap((zone) => [
              <use
                key={`${zone.id}w`}
                href={`#${id}-${zone.id}`}
                stroke="#fff"
                strokeWidth={line * 2.4}
              />,
              <use
                key={zone.id}
                href={`#${id}-${zone.id}`}
                stroke="#111"
                strokeWidth={line * 1.1}
              />,
            ])}
        </g>
      )}
      <AreaTargets id={id} areas={scene.zones} onZone={onZone} />
    </svg>
  );
}

interface FormProps {
  id: string;
  figure: Figure;
  scene: Scene;
  part: "head" | "body";
  chart: Chart | null;
  light: FormLight;
  sheen: ReadonlyMap<ZoneId, number>;
}

/** Light, shade and gloss on the head or the body of a picture that may have both. */
function Form({ id, figure, scene, part, chart, light, sheen }: FormProps) {
  const areas = scene.zones.filter((zone) => zoneInfo(zone.id).part === part);
  if (!chart || !areas.length) return null;
  return (
    <>
      <clipPath id={`${id}-${part}`}>
        {part === "head" && scene.ground && <path d={pathOf(scene.ground, true)} />}
        {areas.map((zone) => (
          <use key={zone.id} href={`#${id}-${zone.id}`} />
        ))}
      </clipPath>
      <g clipPath={`url(#${id}-${part})`}>
        <ReliefImage {...{ figure, chart, light }} />
        <Gloss {...{ id, figure, chart, sheen, areas, light }} />
      </g>
    </>
  );
}

/** Hair from the side: a band along the silhouette, and the areas that have hair. */
function hairFromSide({ zones, ground }: Scene, figure: Figure, side: Side): readonly Hair[] {
  const { trichion, otobasionInferiusLeft: lobe, vertex } = figure.landmarks;
  const heights = { hairline: trichion.y, lobes: lobe.y };
  const band = hairBand(ground ?? [], heights, side === "left" ? -1 : 1);
  const polygonOf = (id: ZoneId) => zones.find((zone) => zone.id === id)?.polygon ?? [];
  const scalp = polygonOf("scalp");
  const box = boundingBox(scalp);
  const crown = { x: side === "left" ? box.right : box.left, y: vertex.y - 6 };
  const { locks } = hairOn({ covered: scalp, rim: band, crown, rootY: lobe.y });
  return [
    { outline: band, locks: [] },
    { outline: polygonOf("backOfHead"), locks: [] },
    { outline: scalp, locks: locks.filter(([root]) => root && Math.abs(root.x - crown.x) > 12) },
  ];
}

/** Hair from any side but the face's own picture. */
function hairIn(scene: Scene, figure: Figure, side: Side | null): readonly Hair[] {
  if (side) return hairFromSide(scene, figure, side);
  if (scene.face) return [hairOfFace(figure)];
  const scalp = scene.zones.find(({ id }) => id === "scalp");
  // Seen from above it is all that is seen.
  if (scalp)
    return scene.zones
      .filter(({ id }) => id === "scalp" || id === "backOfHead")
      .map(({ polygon }) => ({ outline: polygon, locks: [] }));
  const { vertex, otobasionSuperiusLeft: ear } = figure.landmarks;
  return scene.zones
    .filter(({ id }) => id === "backOfHead")
    .map(({ polygon }) =>
      hairOn({
        covered: polygon,
        rim: figure.outline,
        crown: { x: 0, y: vertex.y - 6 },
        rootY: ear.y,
      }),
    );
}

/** What paint never covers, from the side: the eye, the lines of lid, nose wing and mouth, the rim of the ear. */
function ProfileFeatures({
  scene,
  figure,
  side,
  lines,
  lit,
  id,
}: {
  scene: Scene;
  figure: FaceFigureProps["context"]["figure"];
  side: Side;
  lines: string;
  lit: (hex: string) => string;
  id: string;
}) {
  const carry = scene.carry.front;
  if (!carry) return null;
  const stroke = {
    fill: "none",
    stroke: lines,
    strokeLinecap: "round",
    strokeLinejoin: "round",
  } as const;
  const { opening, iris, irisRadius } = figure.eyes[side];
  const line = (points: readonly Point[]) => pathOf(points.map(carry), false);
  const pupil = carry(iris);
  const ear = scene.zones.find((zone) => zone.id === (side === "left" ? "earLeft" : "earRight"));
  const middle = ear ? centroid(ear.polygon) : null;
  return (
    <g pointerEvents="none">
      <clipPath id={`${id}-eye`}>
        <path d={pathOf(opening.map(carry), true)} />
      </clipPath>
      <g clipPath={`url(#${id}-eye)`}>
        <path d={pathOf(opening.map(carry), true)} fill={lit("#efeae4")} />
        <ellipse
          cx={pupil.x}
          cy={-pupil.y}
          rx={irisRadius * 0.55}
          ry={irisRadius}
          fill={`url(#${id}-iris)`}
        />
        <ellipse cx={pupil.x} cy={-pupil.y} rx={1.3} ry={2.4} fill="#0d0b0a" />
      </g>
      <path
        d={line(figure.strand("upperLid", side))}
        {...stroke}
        stroke="#1d1512"
        strokeWidth={1.5}
      />
      <path d={line(figure.strand("crease", side))} {...stroke} strokeWidth={0.6} opacity={0.6} />
      <path d={line(figure.strand("wing", side))} {...stroke} strokeWidth={0.8} opacity={0.7} />
      <path
        d={line(figure.strand("lipLine", side))}
        {...stroke}
        stroke="#2c1210"
        strokeWidth={0.9}
        opacity={0.85}
      />
      <path
        d={line(figure.strand("browBottom", side))}
        {...stroke}
        strokeWidth={0.4}
        opacity={0.4}
      />
      {ear && middle && (
        <>
          <path d={pathOf(ear.polygon, true)} {...stroke} strokeWidth={0.8} opacity={0.8} />
          <path
            d={pathOf(ear.polygon, true)}
            {...stroke}
            strokeWidth={1.2}
            opacity={0.35}
            transform={`translate(${middle.x * 0.35} ${-middle.y * 0.35}) scale(0.65)`}
          />
        </>
      )}
    </g>
  );
}
