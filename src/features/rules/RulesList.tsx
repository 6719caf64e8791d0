import { CHECKED_RULES } from "@/core/look";
import { canBeOff, rule, RULE_IDS, RULES, type Severity } from "@/core/rules";
import type { HouseRulesState } from "./useHouseRules";

const WORDS = { stop: "stops, can't be switched off", caution: "caution", tip: "tip" } as const;

/** Every rule by its group: how grave it is, why, from where, and whether it is followed. */
export function RulesList({ off, toggle }: Pick<HouseRulesState, "off" | "toggle">) {
  return (
    <>
      {[...new Set(RULE_IDS.map((id) => id.replace(/-\d+$/, "")))].map((group) => (
        <section key={group} className="mt-6">
          <h2 className="mb-1 text-xl">{group}</h2>
          <ul>
            {RULE_IDS.filter((id) => id.startsWith(`${group}-`)).map((id) => (
              <li
                key={id}
                id={id}
                className="flex scroll-mt-16 items-start gap-4 border-t rule py-2.5 target:bg-base-200 target:px-3"
              >
                <div className="flex-1">
                  <p className={off.has(id) ? "line-through" : ""}>
                    <strong>{id}</strong> · {RULES[id].title}{" "}
                    <span className="muted text-sm">
                      ({WORDS[RULES[id].severity]}
                      {CHECKED_RULES.has(id) ? "" : "; advice, nothing checks it"})
                    </span>
                  </p>
                  <p className="max-w-prose text-sm">
                    {RULES[id].reason}{" "}
                    {Object.entries(rule(id).also ?? {}).map(([severity, why]) => (
                      <span key={severity}>
                        A {WORDS[severity as Severity]} too: {why}.{" "}
                      </span>
                    ))}
                    {rule(id).always && <>Always on: {rule(id).always}. </>}
                    <span className="muted">Source: {RULES[id].source}.</span>
                  </p>
                </div>
                {canBeOff(id) ? (
                  <label className="flex min-h-9 items-center gap-2 text-sm whitespace-nowrap">
                    <input
                      type="checkbox"
                      className="checkbox checkbox-sm"
                      checked={!off.has(id)}
                      onChange={() => toggle(id)}
                      aria-label={`${id} is followed`}
                    />
                    {off.has(id) ? "off" : "on"}
                  </label>
                ) : (
                  <span className="muted min-h-9 text-sm whitespace-nowrap">always on</span>
                )}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </>
  );
}
