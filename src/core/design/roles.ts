/** What a layer is for, in the order of work (1-trade §1.2). */
export const ROLES = {
  prep: { label: "prep", does: "readies the skin" },
  cover: { label: "cover", does: "hides brows and blemishes" },
  map: { label: "map", does: "outlines the shapes" },
  base: { label: "base", does: "covers the skin" },
  set: { label: "set", does: "sets what does not dry" },
  contour: { label: "contour", does: "hollows" },
  shade: { label: "shading", does: "shadows and folds" },
  highlight: { label: "highlight", does: "high points" },
  detail: { label: "detail", does: "lines, shapes, lips" },
  seal: { label: "seal", does: "protects the work" },
  attach: { label: "attach", does: "holds pieces" },
} as const;

export type Role = keyof typeof ROLES;
export const ROLE_KEYS = Object.keys(ROLES) as Role[];
/** Roles that bring form by thin veils rather than by full cover. */
export const isVeil = (role: Role): boolean =>
  role === "contour" || role === "shade" || role === "highlight";
/** A veil is worked out thin: so much of a full coat. Common practice, no published source. */
const VEIL_FILM = 0.4;
/** Share of a full coat's film that a coat of this role lays. */
export const filmShare = (role: Role): number => (isVeil(role) ? VEIL_FILM : 1);
/** Roles that leave something to see on the figure: prep and seals are planned, not drawn. */
export const isDrawn = ({ role }: { readonly role: Role }): boolean =>
  role !== "prep" && role !== "seal";
/** Roles whose paint is meant to be seen. */
export const isColour = (role: Role): boolean =>
  role === "base" || role === "detail" || isVeil(role);
/** Roles whose layers may be shapes: whatever brings a colour, and what maps it out. What only protects or sets lies on areas. */
export const holdsShapes = (role: Role): boolean =>
  isColour(role) || role === "map" || role === "cover";
