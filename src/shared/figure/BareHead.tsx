import { memo } from "react";
import { paired, type Figure, type Side } from "@/core/anatomy";
import { pathOf } from "./path";

const SIDES: readonly Side[] = ["left", "right"];

/** Light from above in front: soft shadows and lights that make the flat drawing a head. They lie over the paint and never hide it. */
export const Form = memo(function Form({ figure, id }: { figure: Figure; id: string }) {
  const face = figure.landmarks;
  const soft = (deviation: number) => `url(#${id}-soft${deviation})`;
  const eyes = SIDES.map((side) => ({
    side,
    pupil: paired(face, "pupil", side),
    brow: paired(face, "superciliare", side),
    zygion: paired(face, "zygion", side),
    cheilion: paired(face, "cheilion", side),
    out: side === "left" ? 1 : -1,
  }));
  return (
    <g clipPath={`url(#${id}-head)`} pointerEvents="none">
      <rect x={-130} y={-125} width={260} height={260} fill={`url(#${id}-turn)`} />
      <g filter={soft(6)}>
        <ellipse
          cx={0}
          cy={-face.trichion.y * 0.72}
          rx={face.zygionLeft.x * 0.5}
          ry={15}
          fill="#fff"
          opacity={0.1}
        />
        {eyes.map(({ side, pupil, zygion, out }) => [
          <ellipse
            key={`${side}c`}
            cx={out * zygion.x * 0.58 * out * out}
            cy={-pupil.y + 17}
            rx={14}
            ry={7}
            fill="#fff"
            opacity={0.14}
            transform={`rotate(${out * -14} ${out * zygion.x * 0.58} ${-pupil.y + 17})`}
          />,
          <path
            key={`${side}h`}
            d={pathOf(
              [
                { x: zygion.x * 0.98, y: zygion.y - 14 },
                { x: zygion.x * 0.66, y: zygion.y - 34 },
                { x: zygion.x * 0.58, y: zygion.y - 50 },
                { x: zygion.x * 0.82, y: zygion.y - 40 },
              ],
              true,
            )}
            fill="#000"
            opacity={0.16}
          />,
          <ellipse
            key={`${side}t`}
            cx={out * face.euryonLeft.x * 0.92}
            cy={-face.euryonLeft.y + 6}
            rx={8}
            ry={18}
            fill="#000"
            opacity={0.14}
          />,
        ])}
      </g>
      <g filter={soft(3)}>
        {eyes.map(({ side, pupil, brow, out }) => [
          <path
            key={`${side}s`}
            d={pathOf(
              [
                { x: out * 10, y: pupil.y + 2 },
                { x: out * 14, y: brow.y - 9 },
                { x: brow.x * 0.8, y: brow.y - 8 },
                { x: pupil.x, y: pupil.y + 8 },
                { x: out * 16, y: pupil.y - 1 },
              ],
              true,
            )}
            fill="#000"
            opacity={0.22}
          />,
          <path
            key={`${side}u`}
            d={pathOf(
              [
                { x: pupil.x - 12, y: pupil.y - 11 },
                { x: pupil.x, y: pupil.y - 14 },
                { x: pupil.x + 12, y: pupil.y - 11 },
              ],
              false,
            )}
            stroke="#000"
            strokeWidth={2.4}
            fill="none"
            opacity={0.16}
          />,
          <path
            key={`${side}n`}
            d={pathOf(
              [
                { x: out * 9.5, y: 4 },
                { x: out * 8.6, y: -12 },
                { x: out * 9.6, y: -30 },
              ],
              false,
            )}
            stroke="#000"
            strokeWidth={3}
            fill="none"
            opacity={0.15}
          />,
          <ellipse
            key={`${side}b`}
            cx={brow.x * 1.06}
            cy={-brow.y + 5}
            rx={9}
            ry={3}
            fill="#fff"
            opacity={0.14}
          />,
        ])}
        <path
          d={pathOf(
            [
              { x: 0, y: 2 },
              { x: 0, y: face.pronasale.y + 12 },
            ],
            false,
          )}
          stroke="#fff"
          strokeWidth={5.5}
          strokeLinecap="round"
          opacity={0.22}
        />
        <ellipse cx={0} cy={-face.pronasale.y - 2} rx={5} ry={4} fill="#fff" opacity={0.2} />
        <path
          d={pathOf(
            [
              { x: -11, y: face.subnasale.y - 1 },
              { x: 0, y: face.subnasale.y - 3.4 },
              { x: 11, y: face.subnasale.y - 1 },
            ],
            false,
          )}
          stroke="#000"
          strokeWidth={3}
          fill="none"
          opacity={0.2}
        />
        <path
          d={pathOf(
            [
              { x: -13, y: face.labraleInferius.y - 3.4 },
              { x: 0, y: face.labraleInferius.y - 5 },
              { x: 13, y: face.labraleInferius.y - 3.4 },
            ],
            false,
          )}
          stroke="#000"
          strokeWidth={5}
          strokeLinecap="round"
          fill="none"
          opacity={0.2}
        />
        <ellipse cx={0} cy={-face.pogonion.y - 1} rx={10} ry={6} fill="#fff" opacity={0.12} />
        {eyes.map(({ side, cheilion, out }) => (
          <ellipse
            key={side}
            cx={cheilion.x + out * 2.4}
            cy={-cheilion.y + 1}
            rx={2.6}
            ry={3.6}
            fill="#000"
            opacity={0.16}
          />
        ))}
      </g>
    </g>
  );
});

/** What paint never covers: eyes, lashes, nostrils, the line of the lips, creases and the outline. */
export const Features = memo(function Features({
  figure,
  id,
  lines,
  white,
}: {
  figure: Figure;
  id: string;
  lines: string;
  /** White of the eye in this light. */ white: string;
}) {
  const stroke = {
    fill: "none",
    stroke: lines,
    strokeLinecap: "round",
    strokeLinejoin: "round",
  } as const;
  const feature = (name: string) => figure.features.filter((entry) => entry.name === name);
  return (
    <g pointerEvents="none">
      {SIDES.map((side) => {
        const { opening, iris, irisRadius } = figure.eyes[side];
        const lash = figure.strand("upperLid", side);
        return (
          <g key={side}>
            <clipPath id={`${id}-eye-${side}`}>
              <path d={pathOf(opening, true)} />
            </clipPath>
            <g clipPath={`url(#${id}-eye-${side})`}>
              <path d={pathOf(opening, true)} fill={white} />
              <circle cx={iris.x} cy={-iris.y - 0.4} r={irisRadius} fill={`url(#${id}-iris)`} />
              <circle
                cx={iris.x}
                cy={-iris.y - 0.4}
                r={irisRadius}
                fill="none"
                stroke="#241a12"
                strokeWidth={0.7}
                opacity={0.8}
              />
              <circle cx={iris.x} cy={-iris.y - 0.4} r={2.4} fill="#0d0b0a" />
              <circle cx={iris.x - 1.8} cy={-iris.y - 2.4} r={1.1} fill="#fff" opacity={0.9} />
              <path
                d={pathOf(lash, false)}
                stroke="#000"
                strokeWidth={4.5}
                opacity={0.28}
                fill="none"
                filter={`url(#${id}-soft1)`}
              />
            </g>
            <path d={pathOf(lash, false)} {...stroke} stroke="#1d1512" strokeWidth={1.5} />
            <path
              d={pathOf(figure.strand("lowerLid", side), false)}
              {...stroke}
              strokeWidth={0.5}
              opacity={0.75}
            />
            <path
              d={pathOf(figure.strand("crease", side), false)}
              {...stroke}
              strokeWidth={0.6}
              opacity={0.6}
            />
            <path
              d={pathOf(figure.strand("wing", side), false)}
              {...stroke}
              strokeWidth={0.7}
              opacity={0.7}
            />
            <path
              d={pathOf(figure.strand("philtrumEdge", side), false)}
              {...stroke}
              strokeWidth={0.4}
              opacity={0.35}
            />
            <path
              d={pathOf(figure.strand("lipLine", side), false)}
              {...stroke}
              stroke="#2c1210"
              strokeWidth={0.9}
              opacity={0.85}
            />
          </g>
        );
      })}
      {feature("nostril").map((entry) => (
        <path key={entry.side} d={pathOf(entry.points, true)} fill="#2a1611" opacity={0.85} />
      ))}
      {feature("foldLine").map((entry) => (
        <path
          key={entry.side}
          d={pathOf(entry.points, false)}
          {...stroke}
          strokeWidth={0.6}
          opacity={0.35}
        />
      ))}
      {feature("chinCrease").map((entry) => (
        <path
          key={entry.side}
          d={pathOf(entry.points, false)}
          {...stroke}
          strokeWidth={0.5}
          opacity={0.25}
        />
      ))}
      <path d={pathOf(figure.outline, true)} {...stroke} strokeWidth={0.8} opacity={0.85} />
    </g>
  );
});
