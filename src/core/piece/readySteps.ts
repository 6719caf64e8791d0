import type { FreeStep } from "./schema";

/** Steps that most looks with hair, costume or effects have, ready to be taken. Minutes: common practice, no published source. */
export const READY_STEPS: readonly Omit<FreeStep, "id">[] = [
  {
    name: "Pin the hair back",
    when: "first",
    minutes: 3,
    by: "painter",
    needs: "pins, headband",
    notes: "",
  },
  {
    name: "Wrap the hair under a net",
    when: "first",
    minutes: 8,
    by: "painter",
    needs: "pins, wig net, water spray",
    notes: "Flat curls round the head, no lump where a cap or wig lies.",
  },
  {
    name: "Curl lashes, mascara",
    when: "late",
    minutes: 2,
    by: "painter",
    needs: "lash curler, mascara of their own",
    notes: "A new wand for each person (SAFE-7).",
  },
  {
    name: "Tease and spray the hair",
    when: "late",
    minutes: 8,
    by: "painter",
    needs: "tail comb, hair spray",
    notes: "Shield the face and the eyes; air the room.",
  },
  {
    name: "Photograph for the join",
    when: "late",
    minutes: 2,
    by: "painter",
    needs: "camera, grey card",
    notes: "Both sides, under the light it is seen in.",
  },
  {
    name: "Stage blood, in drops",
    when: "last",
    minutes: 2,
    by: "painter",
    needs: "stage blood, dropper, tissues",
    notes: "Stains skin and cloth: on set, not before.",
  },
  {
    name: "Costume over the paint",
    when: "last",
    minutes: 10,
    by: "helper",
    needs: "silk scarf over the head",
    notes: "Open in front or stepped into; nothing is pulled over the face (WEAR-5).",
  },
  {
    name: "Collar and tie",
    when: "last",
    minutes: 3,
    by: "helper",
    needs: "tissue for the collar",
    notes: "Tissue between collar and paint until it is buttoned.",
  },
];
