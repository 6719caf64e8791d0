/** How near the landmarks lie: found by a model, or put where they belong by whoever sees them. */
export type Nearness = "found" | "checked";

/**
 * From how many mm on a shape is told to be off its place: landmarks that a model found are off by some themselves. By eye, no
 * published source.
 */
export const LEAST_OFF_MM: Readonly<Record<Nearness, number>> = { found: 5, checked: 2 };
/** Paint is soft at an edge, and a landmark is off by some: nothing of an area is judged so near to one, mm. By eye, no published source. */
export const EDGE_MM: Readonly<Record<Nearness, number>> = { found: 5, checked: 3 };
