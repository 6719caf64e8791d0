import type { Metadata } from "next";
import { ExchangePage } from "@/features/shelf/ExchangePage";
import { copies } from "@/server/exchange";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Exchange" };

export default function Exchange() {
  return <ExchangePage copies={copies()} />;
}
