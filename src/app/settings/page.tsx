import { SettingsPage } from "@/features/settings/SettingsPage";
import { settings } from "@/server/settings";

export const dynamic = "force-dynamic";
export const metadata = { title: "Settings" };

export default async function Page() {
  return <SettingsPage {...await settings()} />;
}
