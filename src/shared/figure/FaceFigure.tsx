import { memo, useMemo } from "react";
import {
  buildFigure,
  carriedBy,
  centroid,
  express,
  zoneInfo,
  type ExpressionKey,
  type Point,
  type ZoneId,
} from "@/core/anatomy";
import { hexToLab, labToHex, reflectanceFromLab, type LampKey, type Spectrum } from "@/core/colour";
import {
  exposedZones,
  hexOf,
  visibleLayers,
  zoneOfMark,
  type Layer,
  type Look,
  type LookContext,
  type Prediction,
  type SeenEdge,
  type VisibleLayer,
} from "@/core/look";
import { Features } from "./BareHead";
import { FadedZone, fadeLine } from "./fade";
import { MarkDrawing } from "./MarkDrawing";
import { LostMarks } from "./LostMarks";
import { pathOf } from "./path";
import { ReliefImage } from "./ReliefImage";
import { useRelief, type FormLight } from "./useRelief";

export interface Guides {
  readonly midline?: boolean;
  readonly creases?: boolean;
  readonly eyeBand?: boolean;
  readonly hat?: boolean;
  /** What the costume covers. */ readonly costume?: boolean;
}

export interface FaceFigureProps {
  /** Unique on the page: names the parts inside the drawing. */
  readonly id: string;
  readonly look: Look;
  readonly context: LookContext;
  readonly prediction: Prediction;
  readonly title: string;
  readonly upTo?: number;
  /** Share of a layer still whole in a zone after some hours of wear; all of it by default. */
  readonly whole?: ((layer: Layer, zone: ZoneId) => number) | undefined;
  /** The light the colours are seen in; daylight by default. */
  readonly lamp?: LampKey;
  /** Where light comes from that shows the form; from above in front by default. */
  readonly formLight?: FormLight;
  readonly guides?: Guides;
  readonly selected?: readonly ZoneId[];
  /** What the face does; at rest by default. */
  readonly expression?: ExpressionKey;
  /** Edges to mark as lost from the seat looked from. */
  readonly lost?: readonly SeenEdge[];
  readonly onZone?: (zone: ZoneId) => void;
  readonly className?: string;
}

/** Head, ears, neck and the start of the shoulders, mm. */
export const FACE_BOX = { left: -106, top: -114, width: 212, height: 270 } as const;
const BEHIND = new Set(["ears", "neck"]);
const isBehind = (zone: ZoneId) => BEHIND.has(zoneInfo(zone).group);

/** Lines of the drawing: darker than the skin they lie on, whatever the skin. */
export function lineColour(skin: string): string {
  const [L, a, b] = hexToLab(skin);
  return labToHex([Math.max(4, L * 0.3), a * 0.6, b * 0.5]);
}

/** The shapes of one layer on one plane: zones of one colour together, so that no seam shows between them. */
interface ShapesProps {
  visible: VisibleLayer;
  context: LookContext;
  lamp: LampKey;
  carry: ((p: Point) => Point) | undefined;
}

/** The same layer in the same colours on the same figure in the same light is the same drawing. */
function unchanged(a: ShapesProps & { id: string }, b: ShapesProps & { id: string }): boolean {
  const [one, other] = [a.visible, b.visible];
  return (
    one.layer === other.layer &&
    a.context.figure === b.context.figure &&
    a.lamp === b.lamp &&
    a.carry === b.carry &&
    a.id === b.id &&
    one.colours.size === other.colours.size &&
    [...one.colours].every(([zone, colour]) => other.colours.get(zone) === colour)
  );
}

const LayerShapes = memo(function LayerShapes({
  visible,
  behind,
  id,
  context,
  lamp,
  carry,
}: ShapesProps & { behind: boolean; id: string }) {
  const hexOfFilm = (colour: Spectrum) => hexOf(colour, lamp);
  const { layer, colours } = visible;
  if (layer.marks.length)
    return behind ? null : (
      <MarkShapes visible={visible} context={context} lamp={lamp} carry={carry} />
    );
  const byColour = new Map<string, ZoneId[]>();
  for (const [zone, colour] of colours) {
    const hex = hexOfFilm(colour);
    if (isBehind(zone) === behind) byColour.set(hex, [...(byColour.get(hex) ?? []), zone]);
  }
  const faded = layer.edge === "faded" && layer.fades === "round";
  const scale = layer.share < 1 ? Math.sqrt(layer.share) * (faded ? 1.08 : 1) : 1;
  return (
    <g filter={faded ? `url(#${id}-soft${layer.share < 1 ? 4 : 2})` : undefined}>
      {[...byColour].map(([hex, zones]) => (
        <g key={hex} fill={hex} stroke={hex} strokeWidth={scale === 1 ? 1 : 0}>
          {zones.map((zone) => {
            const centre = centroid(context.figure.zone(zone).polygon);
            const transform =
              scale === 1
                ? undefined
                : `translate(${centre.x * (1 - scale)} ${-centre.y * (1 - scale)}) scale(${scale})`;
            const line = fadeLine(layer, centre);
            return line ? (
              <FadedZone
                key={zone}
                id={`${id}-${layer.id}-${zone}`}
                href={`#${id}-${zone}`}
                hex={hex}
                line={line}
                transform={transform}
              />
            ) : (
              <use key={zone} href={`#${id}-${zone}`} transform={transform} />
            );
          })}
        </g>
      ))}
    </g>
  );
}, unchanged);

function MarkShapes({ visible: { layer, colours }, context, lamp, carry }: ShapesProps) {
  const fallback = [...colours.values()][0];
  return (
    <g fill="none" strokeLinecap="round" strokeLinejoin="round">
      {layer.marks.map((mark, i) => {
        if (mark.frame !== "front") return null;
        const zone = zoneOfMark(mark, layer, context);
        const colour = (zone && colours.get(zone)) ?? fallback;
        const hex = colour ? hexOf(colour, lamp) : "#000000";
        return (
          <MarkDrawing key={i} mark={mark} hex={hex} faded={layer.edge === "faded"} carry={carry} />
        );
      })}
    </g>
  );
}

const HAIRY: readonly ZoneId[] = [
  "chin",
  "jawlineLeft",
  "jawlineRight",
  "lipSideLeft",
  "lipSideRight",
  "philtrum",
];

/** Hair of the brow as short strokes over its colour; gone once something covers it. */
function BrowHair({
  context,
  painted,
  colour,
}: {
  context: LookContext;
  painted: ReadonlySet<ZoneId>;
  colour: string;
}) {
  return (["left", "right"] as const).map((side) => {
    if (painted.has(side === "left" ? "browLeft" : "browRight")) return null;
    const bottom = context.figure.strand("browBottom", side);
    const top = [...context.figure.strand("browTop", side)].reverse();
    const d = bottom
      .filter((_, i) => i % 2 === 0)
      .map((p, i, all) => {
        const q =
          top[Math.min(top.length - 1, Math.round(((i + 1.6) / all.length) * (top.length - 1)))];
        return q
          ? `M${p.x.toFixed(1)} ${(-p.y).toFixed(1)}L${q.x.toFixed(1)} ${(-q.y).toFixed(1)}`
          : "";
      })
      .join("");
    return (
      <path
        key={side}
        d={d}
        stroke={colour}
        strokeWidth={0.55}
        opacity={0.75}
        fill="none"
        strokeLinecap="round"
      />
    );
  });
}

/** The person's face with the look on it, in predicted colours: films over this skin, in millimetres. */
export function FaceFigure({
  id,
  look,
  context: still,
  prediction,
  title,
  upTo,
  whole,
  lamp = "D65",
  formLight = "above",
  guides = {},
  selected = [],
  expression = "rest",
  lost = [],
  onZone,
  className,
}: FaceFigureProps) {
  // What moves with the face is drawn where the expression takes it: zones with their landmarks, marks by the same map.
  const context = useMemo(
    () =>
      expression === "rest"
        ? still
        : {
            ...still,
            figure: buildFigure(express(still.figure.landmarks, expression), still.figure.physique),
          },
    [still, expression],
  );
  const carry = useMemo(
    () => (expression === "rest" ? undefined : carriedBy(still.figure.landmarks, expression)),
    [still, expression],
  );
  const { figure, person, brief } = context;
  const relief = useRelief(figure, "face", formLight);
  const visible = visibleLayers(look, context, prediction, upTo, whole);
  const painted = new Set(
    visible.flatMap(({ layer, colours }) => (layer.marks.length ? [] : [...colours.keys()])),
  );
  const hexOfFilm = (colour: Spectrum) => hexOf(colour, lamp);
  const bareHex = (zone: ZoneId) => hexOfFilm(prediction.bare(zone));
  /** What is not paint, in this light. */
  const lit = (hex: string) =>
    lamp === "D65" ? hex : hexOf(reflectanceFromLab(hexToLab(hex)), lamp);
  const lines = lineColour(lit(person.skin));
  const brow = lit(person.brow);
  const behind = figure.zones.filter((zone) => isBehind(zone.id));
  const sides = ["left", "right"] as const;
  return (
    <svg
      viewBox={`${FACE_BOX.left} ${FACE_BOX.top} ${FACE_BOX.width} ${FACE_BOX.height}`}
      className={className}
      role="img"
      aria-label={title}
      preserveAspectRatio="xMidYMid meet"
      style={{ printColorAdjust: "exact" }}
    >
      <defs>
        {figure.zones.map((zone) => (
          <path key={zone.id} id={`${id}-${zone.id}`} d={pathOf(zone.polygon, true)} />
        ))}
        <clipPath id={`${id}-skin`}>
          <path d={pathOf(figure.outline, true)} />
          {behind.map((zone) => (
            <use key={zone.id} href={`#${id}-${zone.id}`} />
          ))}
        </clipPath>
        <clipPath id={`${id}-head`}>
          <path d={pathOf(figure.outline, true)} />
        </clipPath>
        {[1, 2, 3, 4, 6].map((deviation) => (
          <filter
            key={deviation}
            id={`${id}-soft${deviation}`}
            x="-40%"
            y="-40%"
            width="180%"
            height="180%"
          >
            <feGaussianBlur stdDeviation={deviation} />
          </filter>
        ))}
        <filter id={`${id}-edge`} x="-5%" y="-5%" width="110%" height="110%">
          <feMorphology in="SourceAlpha" operator="dilate" radius={0.7} result="wide" />
          <feMorphology in="SourceAlpha" operator="dilate" radius={1.5} result="wider" />
          <feFlood floodColor="#fff" />
          <feComposite in2="wider" operator="in" result="halo" />
          <feFlood floodColor="#111" />
          <feComposite in2="wide" operator="in" result="line" />
          <feMerge result="both">
            <feMergeNode in="halo" />
            <feMergeNode in="line" />
          </feMerge>
          <feComposite in="both" in2="SourceAlpha" operator="out" />
        </filter>
        <radialGradient id={`${id}-iris`}>
          <stop offset="0" stopColor={lit("#8a6a4c")} />
          <stop offset="0.65" stopColor={lit("#5b4230")} />
          <stop offset="1" stopColor={lit("#35251a")} />
        </radialGradient>
        <pattern
          id={`${id}-stubble`}
          width={1.7}
          height={2.1}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(12)"
        >
          <path
            d="M0.4 0.3l0.25 0.9M1.2 1.2l0.2 0.7"
            stroke={brow}
            strokeWidth={person.beard === "beard" ? 0.5 : 0.28}
          />
        </pattern>
      </defs>
      <g>
        {behind.map((zone) => (
          <use
            key={zone.id}
            href={`#${id}-${zone.id}`}
            fill={bareHex(zone.id)}
            stroke={bareHex(zone.id)}
            strokeWidth={0.4}
          />
        ))}
        {visible.map((entry) => (
          <LayerShapes
            key={entry.layer.id}
            visible={entry}
            behind
            id={id}
            context={context}
            lamp={lamp}
            carry={carry}
          />
        ))}
        {figure.features
          .filter(({ name }) => name === "earRim" || name === "earInner")
          .map((stroke) => (
            <path
              key={`${stroke.name}${stroke.side}`}
              d={pathOf(stroke.points, false)}
              fill="none"
              stroke={lines}
              strokeWidth={0.6}
              opacity={0.6}
              strokeLinecap="round"
            />
          ))}
        {figure.features
          .filter(({ name }) => name === "ear")
          .map((stroke) => (
            <path
              key={stroke.side}
              d={pathOf(stroke.points, true)}
              fill="none"
              stroke={lines}
              strokeWidth={0.8}
              opacity={0.85}
            />
          ))}
        {sides.map((side) => (
          <path
            key={side}
            d={pathOf(
              [...figure.strand("neckSide", side), ...figure.strand("shoulder", side).slice(1)],
              false,
            )}
            fill="none"
            stroke={lines}
            strokeWidth={0.8}
            opacity={0.7}
          />
        ))}
      </g>
      <path d={pathOf(figure.outline, true)} fill={bareHex("forehead")} />
      <g clipPath={`url(#${id}-head)`}>
        <g filter={`url(#${id}-soft2)`}>
          <use href={`#${id}-scalp`} fill="#000" opacity={0.09} />
        </g>
        {(["upperLip", "lowerLip"] as const).map((zone) => (
          <use key={zone} href={`#${id}-${zone}`} fill={bareHex(zone)} />
        ))}
        <g filter={`url(#${id}-soft1)`} opacity={0.9}>
          {(["browLeft", "browRight"] as const).map((zone) => (
            <use key={zone} href={`#${id}-${zone}`} fill={bareHex(zone)} />
          ))}
        </g>
        {person.beard !== "none" &&
          HAIRY.map((zone) => (
            <use key={zone} href={`#${id}-${zone}`} fill={`url(#${id}-stubble)`} />
          ))}
        {visible
          .filter(({ layer }) => !layer.marks.length)
          .map((entry) => (
            <LayerShapes
              key={entry.layer.id}
              visible={entry}
              behind={false}
              id={id}
              context={context}
              lamp={lamp}
              carry={carry}
            />
          ))}
        <BrowHair context={context} painted={painted} colour={brow} />
        {person.beard !== "none" &&
          HAIRY.filter((zone) => painted.has(zone)).map((zone) => (
            <use key={zone} href={`#${id}-${zone}`} fill={`url(#${id}-stubble)`} opacity={0.7} />
          ))}
      </g>
      <g clipPath={`url(#${id}-skin)`}>
        {visible
          .filter(({ layer }) => layer.marks.length)
          .map((entry) => (
            <LayerShapes
              key={entry.layer.id}
              visible={entry}
              behind={false}
              id={id}
              context={context}
              lamp={lamp}
              carry={carry}
            />
          ))}
      </g>
      <g clipPath={`url(#${id}-skin)`}>
        <ReliefImage chart="face" picture={relief} />
      </g>
      <Features figure={figure} id={id} lines={lines} white={lit("#efeae4")} />
      {guides.costume && (
        <UnderCostume id={id} zones={figure.zones.map((zone) => zone.id)} brief={brief} />
      )}
      <GuideLines
        figure={context.figure}
        guides={guides}
        hatLineMm={brief.hatLineMm}
        lines={lines}
      />
      {selected.length > 0 && (
        <g filter={`url(#${id}-edge)`} pointerEvents="none" stroke="#000" strokeWidth={0.5}>
          {selected.map((zone) => (
            <use key={zone} href={`#${id}-${zone}`} />
          ))}
        </g>
      )}
      {lost.length > 0 && <LostMarks edges={lost} figure={figure} />}
      {onZone && (
        <g fill="transparent">
          {figure.zones.map((zone) => (
            <use
              key={zone.id}
              href={`#${id}-${zone.id}`}
              onClick={() => onZone(zone.id)}
              className="cursor-pointer hover:fill-black/10"
              data-zone={zone.id}
            >
              <title>{zone.label}</title>
            </use>
          ))}
        </g>
      )}
    </svg>
  );
}

/** Hatches what the costume, hood or collar hides: nothing need be painted there but the 2 to 3 cm past the edge (BASE-5). */
export function UnderCostume({
  id,
  zones,
  brief,
  mm = 1,
}: {
  id: string;
  zones: readonly ZoneId[];
  brief: LookContext["brief"];
  mm?: number;
}) {
  const seen = new Set(exposedZones(brief));
  const hidden = zones.filter(
    (zone) =>
      !seen.has(zone) &&
      zoneInfo(zone).group !== "scalp" &&
      zoneInfo(zone).kind !== "brow" &&
      zoneInfo(zone).kind !== "backOfHead",
  );
  return (
    <g pointerEvents="none">
      <pattern
        id={`${id}-costume`}
        width={5 * mm}
        height={5 * mm}
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width={5 * mm} height={5 * mm} fill="#fff" fillOpacity={0.35} />
        <path d={`M0 0V${5 * mm}`} stroke="#111" strokeWidth={1.4 * mm} />
      </pattern>
      {hidden.map((zone) => (
        <use key={zone} href={`#${id}-${zone}`} fill={`url(#${id}-costume)`} />
      ))}
    </g>
  );
}

function GuideLines({
  figure,
  guides,
  hatLineMm,
  lines,
}: {
  figure: LookContext["figure"];
  guides: Guides;
  hatLineMm: number | null;
  lines: string;
}) {
  const face = figure.landmarks;
  const dash = { fill: "none", stroke: lines, strokeWidth: 0.6, strokeDasharray: "3 2.4" } as const;
  return (
    <g pointerEvents="none">
      {(["left", "right"] as const).map((side) => (
        <path
          key={side}
          d={pathOf(figure.strand("hairline", side), false)}
          {...dash}
          opacity={0.75}
        />
      ))}
      {guides.midline && <path d={`M0 ${-face.trichion.y - 8}V${-face.menton.y + 4}`} {...dash} />}
      {guides.eyeBand &&
        (["exocanthionLeft", "exocanthionRight"] as const).map((name) => (
          <path
            key={name}
            d={`M${face[name].x} ${-face.trichion.y}V${-face.menton.y}`}
            {...dash}
            strokeDasharray="0.8 2.4"
          />
        ))}
      {guides.creases &&
        figure.features
          .filter(
            ({ name }) =>
              name === "foldLine" ||
              name.startsWith("forehead") ||
              name.startsWith("crows") ||
              name === "frownLine",
          )
          .map((stroke) => (
            <path
              key={`${stroke.name}${stroke.side}`}
              d={pathOf(stroke.points, false)}
              {...dash}
              strokeDasharray="1.4 1.6"
            />
          ))}
      {guides.hat !== false && hatLineMm !== null && (
        <g>
          <path
            d={`M${-face.euryonLeft.x - 8} ${-hatLineMm + 5}Q0 ${-hatLineMm - 5} ${face.euryonLeft.x + 8} ${-hatLineMm + 5}`}
            fill="none"
            stroke="#fff"
            strokeWidth={2.6}
            opacity={0.7}
          />
          <path
            d={`M${-face.euryonLeft.x - 8} ${-hatLineMm + 5}Q0 ${-hatLineMm - 5} ${face.euryonLeft.x + 8} ${-hatLineMm + 5}`}
            fill="none"
            stroke="#111"
            strokeWidth={1.2}
          />
          <text x={face.euryonLeft.x + 10} y={-hatLineMm + 6} fontSize={5.6} fill="#111">
            hat line
          </text>
        </g>
      )}
    </g>
  );
}
