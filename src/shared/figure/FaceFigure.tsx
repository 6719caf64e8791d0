import { useMemo } from "react";
import { buildFigure, carriedBy, express, type ExpressionKey, type ZoneId } from "@/core/anatomy";
import { hexToLab, reflectanceFromLab, type LampKey } from "@/core/colour";
import {
  hexOf,
  sheenOf,
  visibleLayers,
  zonesFilledBy,
  type Layer,
  type Look,
  type LookContext,
  type Prediction,
  type SeenEdge,
} from "@/core/look";
import { Soft } from "./AreaPaint";
import { AreaTargets } from "./AreaTargets";
import { BareFace, BehindFace } from "./BareFace";
import { Features } from "./Features";
import { BrowHair } from "./BrowHair";
import { ChosenEdge } from "./ChosenEdge";
import { Garment } from "./Garment";
import { Gloss } from "./Gloss";
import { GuideLines } from "./GuideLines";
import { HairMass, hairOfFace } from "./Hair";
import { Iris } from "./Iris";
import { isBehind, LayerShapes } from "./LayerShapes";
import { lineColour } from "./lineColour";
import { LostMarks } from "./LostMarks";
import { pathOf } from "./path";
import { ReliefImage } from "./ReliefImage";
import { Beard, Stubble } from "./Stubble";
import { UnderCostume } from "./UnderCostume";
import type { FormLight } from "./useRelief";

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
  /** Without brows, beard and hair: as skin alone is painted. */
  hairless?: boolean | undefined;
  /** Share of a layer still whole in a zone after some hours of wear; all of it by default. */
  readonly whole?: ((layer: Layer, zone: ZoneId) => number) | undefined;
  /** The light the colours are seen in; daylight by default. */
  readonly lamp?: LampKey;
  /** Where light comes from that shows the form; from above in front by default. */
  readonly formLight?: FormLight;
  /** Whether the edges of the head are drawn; not where the figure is a map of a surface. */
  readonly contours?: boolean;
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
export const FACE_BOX = { left: -106, top: -124, width: 212, height: 280 } as const;

/** The face with what it does, and what its marks are carried by: zones go with their landmarks, marks by the same map. */
function useExpression(still: LookContext, expression: ExpressionKey) {
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
  return { context, carry };
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
  hairless = false,
  lamp = "D65",
  formLight = "above",
  contours = true,
  guides = {},
  selected = [],
  expression = "rest",
  lost = [],
  onZone,
  className,
}: FaceFigureProps) {
  const { context, carry } = useExpression(still, expression);
  const { figure, person, brief } = context;
  const visible = visibleLayers(look, context, prediction, upTo, whole, lamp);
  const sheen = useMemo(() => sheenOf(look, context, upTo), [look, context, upTo]);
  const painted = new Set(visible.flatMap(({ layer }) => zonesFilledBy(layer)));
  const bareHex = (zone: ZoneId) => hexOf(prediction.bare(zone), lamp);
  /** What is not paint, in this light. */
  const lit = (hex: string) =>
    lamp === "D65" ? hex : hexOf(reflectanceFromLab(hexToLab(hex)), lamp);
  const lines = lineColour(lit(person.skin));
  const brow = lit(person.brow);
  // Who is painted there wears a cap, or has no hair.
  const hair = hairless || painted.has("scalp") ? null : hairOfFace(figure);
  const hasBeard = !hairless && person.beard !== "none";
  const behind = figure.zones.filter((zone) => isBehind(zone.id));
  const beard = { id, full: person.beard === "beard", colour: brow, areas: figure.zones };
  const shapes = (entries: typeof visible, isBack: boolean) =>
    entries.map((entry) => (
      <LayerShapes
        key={entry.layer.id}
        visible={entry}
        behind={isBack}
        {...{ id, context, lamp, carry }}
      />
    ));
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
          {hair && <path d={pathOf(hair.outline, true)} />}
          {behind.map((zone) => (
            <use key={zone.id} href={`#${id}-${zone.id}`} />
          ))}
        </clipPath>
        <clipPath id={`${id}-head`}>
          <path d={pathOf(figure.outline, true)} />
        </clipPath>
        {[1, 2].map((deviation) => (
          <Soft key={deviation} id={`${id}-soft${deviation}`} deviation={deviation} />
        ))}
        <ChosenEdge id={id} />
        <Iris id={id} lit={lit} />
        <Stubble id={id} colour={brow} full={person.beard === "beard"} />
      </defs>
      <BehindFace {...{ id, figure, lines, contours, bareHex }}>{shapes(visible, true)}</BehindFace>
      <path d={pathOf(figure.outline, true)} fill={bareHex("forehead")} />
      <g clipPath={`url(#${id}-head)`}>
        <BareFace id={id} bareHex={bareHex} />
      </g>
      {hair && <HairMass hair={hair} colour={lit(person.hair ?? person.brow)} />}
      <g clipPath={`url(#${id}-head)`}>
        {hasBeard && <Beard {...beard} />}
        {shapes(
          visible.filter(({ isOver }) => !isOver),
          false,
        )}
        {!hairless && <BrowHair context={context} painted={painted} colour={brow} />}
        {hasBeard && <Beard {...beard} through={painted} />}
      </g>
      <g clipPath={`url(#${id}-skin)`}>
        {shapes(
          visible.filter(({ isOver }) => isOver),
          false,
        )}
        <Garment {...{ id, person, visible, lines }} areas={figure.zones} over />
        <ReliefImage figure={figure} chart="face" light={formLight} />
        <Gloss {...{ id, figure, sheen }} chart="face" light={formLight} areas={figure.zones} />
      </g>
      <Features
        figure={figure}
        id={id}
        lines={lines}
        white={lit("#efeae4")}
        outline={contours ? (hair ? "belowHair" : "whole") : "none"}
      />
      {guides.costume && (
        <UnderCostume id={id} zones={figure.zones.map((zone) => zone.id)} brief={brief} />
      )}
      {contours && (
        <GuideLines {...{ figure, guides, lines }} isBald={!hair} hatLineMm={brief.hatLineMm} />
      )}
      {selected.length > 0 && (
        <g filter={`url(#${id}-edge)`} pointerEvents="none" stroke="#000" strokeWidth={0.5}>
          {selected.map((zone) => (
            <use key={zone} href={`#${id}-${zone}`} />
          ))}
        </g>
      )}
      {lost.length > 0 && <LostMarks edges={lost} figure={figure} />}
      <AreaTargets id={id} areas={figure.zones} onZone={onZone} />
    </svg>
  );
}
