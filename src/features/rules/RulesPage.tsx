import { RULE_IDS, RULES, type RuleId } from "@/core/rules";
import { Page } from "@/ui/Page";

const WORDS = { stop: "stop, can't be switched off", caution: "mind", tip: "tip" } as const;

/** Every rule a finding or a plan can name, with its reason and where it comes from. */
export function RulesPage() {
  const groups = [...new Set(RULE_IDS.map((id) => id.replace(/-\d+$/, "")))];
  return (
    <Page title="Rules of the trade" lead="What findings, plans and recommendations refer to. Where no source is named there is none published: it is common practice.">
      {groups.map((group) => (
        <section key={group} className="mb-6">
          <h2 className="mb-1 text-xl">{group}</h2>
          <dl>
            {RULE_IDS.filter((id) => id.startsWith(`${group}-`)).map((id: RuleId) => (
              <div key={id} id={id} className="scroll-mt-6 border-t rule py-2.5 target:bg-base-200 target:px-3">
                <dt><strong>{id}</strong> · {RULES[id].title} <span className="muted text-sm">({WORDS[RULES[id].severity]})</span></dt>
                <dd className="max-w-prose text-sm">{RULES[id].reason} <span className="muted">Source: {RULES[id].source}.</span></dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </Page>
  );
}
