import type { Metadata } from "next";
import { ExchangePage } from "@/features/shelf/ExchangePage";

export const metadata: Metadata = { title: "Exchange" };

export default function Exchange() {
  return <ExchangePage />;
}
