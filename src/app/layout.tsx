import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource-variable/bricolage-grotesque";
import "./globals.css";
import type { Metadata } from "next";
import { cookies } from "next/headers";
import type { ReactNode } from "react";
import { Shell } from "@/features/shell/Shell";
import { SayProvider } from "@/shared/say/useSay";
import { mannerNow } from "@/server/settings";
import { isGuarded } from "@/server/door";

export const metadata: Metadata = {
  title: { default: "Dermagraph", template: "%s · Dermagraph" },
  description: "Plans painted character looks.",
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  const theme = (await cookies()).get("theme")?.value === "wings" ? "wings" : "studio";
  return (
    <html lang="en" data-theme={theme}>
      <body>
        <SayProvider manner={await mannerNow()}>
          <a
            href="#content"
            className="sr-only focus:not-sr-only focus:fixed focus:top-2 focus:left-2 focus:z-50 focus:rounded focus:bg-primary focus:px-4 focus:py-3 focus:text-primary-content"
          >
            Skip to the content
          </a>
          <div className="flex min-h-dvh flex-col md:flex-row print:block">
            <Shell theme={theme} isGuarded={isGuarded()} />
            <main
              id="content"
              tabIndex={-1}
              className="min-w-0 flex-1 pb-20 focus:outline-none md:pb-0"
            >
              {children}
            </main>
          </div>
        </SayProvider>
      </body>
    </html>
  );
}
