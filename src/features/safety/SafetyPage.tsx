import { Link } from "@/ui/Link";
import { RULES, type RuleId } from "@/core/rules";
import { Page } from "@/ui/Page";

/** Matters a painter looks up, with the rules behind them and what Dermagraph does about each. */
const MATTERS: readonly {
  readonly title: string;
  readonly rules: readonly RuleId[];
  readonly does: string;
  readonly you: readonly string[];
}[] = [
  {
    title: "What may touch skin",
    rules: ["SAFE-1", "BROW-2", "SAFE-11"],
    does: "Products marked as props, craft glitter, hair dye on skin, and adhesive or latex on bare brow, lash or scalp hair stop a design: it is kept as a draft, and nothing is planned or printed from it.",
    you: [
      "Read the label of every product: for skin, for eyes, for lips, for children.",
      "An office glue stick goes on brow hair only, washable and non-toxic.",
    ],
  },
  {
    title: "Allergies and patch tests",
    rules: ["SAFE-2", "SAFE-12"],
    does: "A known allergen or a reaction stops every job it touches, also those planned before it was known. A label nobody has read counts as holding what such products usually hold. A product without a clear late reading is a caution; a test counts no longer after a year, for another batch, or after a reaction.",
    you: [
      "Test each new product on that person, on intact skin, and read it late too.",
      "At any sting, stop and wash. If it stays or grows: a doctor or pharmacist.",
    ],
  },
  {
    title: "Asked on the day",
    rules: ["SAFE-13", "SAFE-7"],
    does: "The chair asks before the first step, and the booth of each who sits down: asthma, pregnancy, sore or sunburnt skin, cold sores, eyes, a peel, lenses. What is to stay bare, today or by the card, stops a design until it is left out.",
    you: ["Ask every time, also whom you know.", "Medical questions go to a doctor or pharmacist."],
  },
  {
    title: "Eyes and mouth",
    rules: ["SAFE-3", "SAFE-15", "SAFE-4"],
    does: "Inside the orbital rim only eye-grade, on lips only lip-grade; alcohol products and their vapour stay out of both, and so does what its label keeps away from there. That stops a design. Fluorescent and metallic colours, pigments that are not listed for eyes, and glitter of an unknown cut are a caution there.",
    you: [
      "Cosmetic-grade rounded glitter only.",
      "Lenses only as an eye-care professional fitted them; in before paint, out before removal, never shared; no mesh or full-cover lenses while driving, on stairs or in the dark without a guide.",
    ],
  },
  {
    title: "Children",
    rules: ["SAFE-8", "SAFE-16", "SAFE-14"],
    does: "Under three, anything but a small design on cheek or back of the hand stops a design. Under twelve only mild paint goes on at all; from twelve to fifteen the rest is a caution. Nobody under eighteen is painted under the plain suit they are shown in. A parent's consent is asked for, with who agreed and to what.",
    you: ["A parent or guardian is present and agrees.", "Give them the removal card."],
  },
  {
    title: "Air, fire and powder",
    rules: ["SAFE-5", "SAFE-6"],
    does: "Plans with alcohol, sprays or powder say so, and when to wait; a room that nothing airs, a flame in it, and powder near a small child are cautions.",
    you: [
      "Air the room, a fan blowing fumes away; no flame, cigarette or hot dryer near; dry before lights and pyrotechnics.",
      "Press powder, don't blow it; none near babies; talc-free where asked.",
    ],
  },
  {
    title: "Hygiene",
    rules: ["SAFE-7", "KIT-2"],
    does: "Plans remind of it; products past their date are marked.",
    you: [
      "One clean sponge per person, no double dipping, water changed, tools washed between.",
      "Broken or infected skin is not painted.",
    ],
  },
  {
    title: "Heat and breathing",
    rules: ["SAFE-9", "SAFE-10"],
    does: "Sweat and heat are worked out from weather, work, hood and mask; covering most of the skin in heat is a caution.",
    you: [
      "Breaks, shade and water; unpainted patches if asked.",
      "Nothing over nose and mouth that hinders breathing; sight and hearing kept for whoever climbs, dances or drives.",
    ],
  },
  {
    title: "Taking it off",
    rules: ["REMOVE-1", "REMOVE-2", "REMOVE-3"],
    does: "Every plan has the order, remover and minutes, what may stain, and a card to take home.",
    you: [
      "Never rush and never pull: skin tears.",
      "Say before painting what holds colour for days: ears, hairline, nails.",
    ],
  },
];

/** What Dermagraph stops, what it warns of, and what only the painter can do. */
export function SafetyPage() {
  return (
    <Page
      title="Safety"
      lead="The product's label, local rules and licensed professionals come before anything Dermagraph says. It knows what you told it, and nothing more: it gives no medical advice."
    >
      <p className="mb-5 max-w-prose border-l-4 border-base-content pl-3">
        A rule that <strong>stops</strong> can&apos;t be switched off, accepted or got round. Such a
        design is kept as a draft; its plan, chair, calendar and every print are withheld, whether
        it was typed, brought in from a file, copied from another look or kept as a version.
      </p>
      <div className="grid gap-4 md:grid-cols-2">
        {MATTERS.map(({ title, rules, does, you }) => (
          <section key={title} className="card-plain p-4 sm:p-5">
            <h2 className="text-xl">{title}</h2>
            <p className="mt-2">
              <strong>Dermagraph:</strong> {does}
            </p>
            <p className="mt-2 font-bold">You:</p>
            <ul className="list-disc pl-5">
              {you.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
            <p className="muted mt-2 text-sm">
              {rules.map((id, i) => (
                <span key={id}>
                  {i > 0 && " · "}
                  <Link className="link" href={`/rules#${id}`}>
                    {id}
                  </Link>
                  {RULES[id].severity === "stop" && " stops"}
                </span>
              ))}
            </p>
          </section>
        ))}
      </div>
    </Page>
  );
}
