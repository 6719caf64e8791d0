import type { HouseVersion } from "@/server/house";
import { Link } from "@/ui/Link";
import { Page } from "@/ui/Page";
import { HouseRules } from "./HouseRules";
import { Versions } from "./Versions";

/** Every rule and number a finding, a plan or a recommendation can name: its reason, its source, and what the painter holds differently. */
export function RulesPage({ versions }: { versions: readonly HouseVersion[] }) {
  return (
    <Page
      title="Rules and numbers"
      lead="What findings, plans and recommendations refer to. Where no source is named there is none published: it is common practice. Change a number or switch a rule off where your practice differs; safety rules that stop can't be switched off."
      action={
        <span className="flex gap-2">
          <Link className="btn" href="/settings">
            Settings
          </Link>
          <Link className="btn" href="/safety">
            Safety
          </Link>
        </span>
      }
    >
      <HouseRules
        version={versions[0]?.version ?? 0}
        changes={versions[0]?.changes ?? { numbers: {}, off: [] }}
      />
      <Versions versions={versions} />
    </Page>
  );
}
