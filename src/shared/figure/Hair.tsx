import { hairOn, smoothOpen, type Figure, type Hair } from "@/core/anatomy";
import { remember } from "@/core/remember";
import { pathOf } from "./path";

/** The hair of a face seen from the front. */
export const hairOfFace = remember((figure: Figure): Hair => {
  const { vertex, otobasionSuperiusLeft } = figure.landmarks;
  return hairOn({
    covered: figure.zone("scalp").polygon,
    rim: figure.outline,
    crown: { x: 0, y: vertex.y - 6 },
    rootY: otobasionSuperiusLeft.y,
  });
});

interface HairMassProps {
  hair: Hair;
  colour: string;
}

/** Hair as a mass in its colour, with some of its locks. */
export function HairMass({ hair, colour }: HairMassProps) {
  return (
    <g pointerEvents="none" data-hair>
      <path d={pathOf(hair.outline, true)} fill={colour} stroke={colour} strokeWidth={0.8} />
      <g fill="none" strokeLinecap="round">
        {hair.locks.map((lock, i) => (
          <path
            key={i}
            d={pathOf(smoothOpen(lock), false)}
            stroke={i % 2 ? "#fff" : "#000"}
            strokeWidth={1.1}
            opacity={i % 2 ? 0.07 : 0.16}
          />
        ))}
      </g>
    </g>
  );
}
