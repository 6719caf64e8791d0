import { TRADE as source, type Rule } from "./rule";

export const PAINTING = {
  "BASE-1": {
    title: "Several thin coats, each dry",
    reason: "They beat one thick coat: no streaks, better grip. The number of coats is computed.",
    severity: "caution",
    source,
  },
  "BASE-2": {
    title: "Stipple with a damp sponge, or buff with a dense brush",
    reason: "A dry sponge drinks paint, a wet one dilutes it, a dragged one streaks.",
    severity: "tip",
    source,
  },
  "BASE-3": {
    title: "Pure white looks like a mask",
    reason: "Cut it, some three parts white to one of skin tone, or tint the second coat.",
    severity: "tip",
    source,
  },
  "BASE-4": {
    title: "Light areas first, or mid-tone everywhere",
    reason: "Starting with the highlight colour everywhere is often regretted.",
    severity: "tip",
    source,
  },
  "BASE-5": {
    title: "Paint everything the audience can see",
    reason:
      "Neck, ears, hairline, lids, and 2 to 3 cm past every costume edge: a gap breaks the character.",
    severity: "caution",
    source,
  },
  "BASE-6": {
    title: "Leave room for clean colours",
    reason: "Lips or lids that must stay clean are left out of the base.",
    severity: "tip",
    source,
  },
  "BASE-7": {
    title: "Eyelids dry closed",
    reason: "Only then look up; hooded lids crease and print, so gel or powder goes there.",
    severity: "caution",
    source,
  },
  "BASE-8": {
    title: "Match props and face",
    reason: "Headpiece, ears and face should agree in colour and finish.",
    severity: "tip",
    source,
  },
  "SET-1": {
    title: "What does not dry must be powdered",
    reason:
      "Cream, grease and adhesive never set alone: powder heavily, wait, dust off, then go on.",
    severity: "caution",
    source,
  },
  "SET-2": {
    title: "Set white with white",
    reason:
      "Neutral powder dulls and warms pure white and bright colour; a powder of the same colour keeps and deepens it.",
    severity: "tip",
    source,
  },
  "SET-3": {
    title: "Smooth creases before powder",
    reason: "What is powdered in a crease stays there.",
    severity: "tip",
    source,
  },
  "SET-4": {
    title: "Matte hollows",
    reason: "Shine brings a hollow forward: set black with matte black.",
    severity: "tip",
    source,
  },
  "SET-5": {
    title: "Prep, sealing medium and barrier protect most",
    reason: "Each alone also helps water colours.",
    severity: "caution",
    source,
  },
  "SET-6": {
    title: "Seal between coats on body work",
    reason: "Mist lightly and let it dry.",
    severity: "tip",
    also: { caution: "a mist over what is still tacky or wet runs, and does not hold" },
    source,
  },
  "LAYER-1": {
    title: "Water over water makes mud",
    reason:
      "Water wakes the dry colour below and the two mix. Set or seal the lower colour, or pat.",
    severity: "caution",
    source,
  },
  "LAYER-2": {
    title: "Water colour beads on bare cream",
    reason: "Over powdered cream it holds; over tacky cream it beads and slips.",
    severity: "caution",
    source,
  },
  "LAYER-3": {
    title: "Alcohol colour over wax and set prosthetics",
    reason: "Very well there; on raw foam only after make-up and powder.",
    severity: "tip",
    source,
  },
  "LAYER-4": {
    title: "Powder needs a tacky ground",
    reason: "On tacky colour it deepens; on bare skin it barely shows.",
    severity: "tip",
    source,
  },
  "LAYER-5": {
    title: "Light over dark costs coats",
    reason: "Plan white or a pale base under bright colours on dark grounds.",
    severity: "tip",
    source,
  },
  "LAYER-6": {
    title: "Some colours dry darker",
    reason: "Swatch wet and dry, and record both.",
    severity: "tip",
    source,
  },
  "LAYER-7": {
    title: "Dab over a finished coat",
    reason: "Sweeping lifts it.",
    severity: "tip",
    source,
  },
  "LAYER-8": {
    title: "A tint close to its ground vanishes",
    reason: "Lay white under it first, let it dry, then the tint.",
    severity: "caution",
    source,
  },
  "LAYER-9": {
    title: "What may go over what depends on the order",
    reason:
      "By pair and direction, and by what the lower one has become: dry, powdered, sealed, clear.",
    severity: "caution",
    source,
  },
  "LAYER-10": {
    title: "What is meant to be seen stays on top",
    reason:
      "A later layer that buries an earlier one wastes its work and its minutes. Maps, undercoats, correctors, powder and prep are meant to be covered.",
    severity: "caution",
    source,
  },
  "LAYER-11": {
    title: "Dark loose powder falls",
    reason:
      "Lay it before the pale base below it, or catch it on a thick layer of powder that is swept off after.",
    severity: "tip",
    source,
  },
  "LAYER-12": {
    title: "A highlight is plainly lighter",
    reason:
      "Less than some 6 L* above what lies under and beside it, it does nothing, least of all from the last seat.",
    severity: "caution",
    source,
  },
  "ORDER-1": {
    title: "Top down",
    reason: "So that the hand never rests on fresh paint.",
    severity: "tip",
    source,
  },
  "ORDER-2": {
    title: "Lightest first",
    reason: "Dark last, and wipe the brush when it picks up the other colour.",
    severity: "tip",
    source,
  },
  "ORDER-3": {
    title: "Pieces from the centre, strands from below",
    reason: "So that each covers the edge of the last.",
    severity: "tip",
    source,
  },
  "ORDER-4": {
    title: "Lips and liner last",
    reason: "Before the headpiece; touch up after it.",
    severity: "tip",
    source,
  },
  "ORDER-5": {
    title: "Work on another area while one dries",
    reason: "The schedule does this.",
    severity: "tip",
    source,
  },
  "ORDER-6": {
    title: "Drying gates",
    reason:
      "Water and adhesive wait; cream never dries and needs powder; latex and medical adhesive are ready when clear.",
    severity: "caution",
    source,
  },
} as const satisfies Record<string, Rule>;
