import type { Routes } from "@/server/routes";
import { send, type Answer } from "@/ui/request";

/** What stands in brackets in an address. */
type ParamsOf<Address> = Address extends `${string}[${infer Name}]${infer Rest}`
  ? Readonly<Record<Name, string>> & ParamsOf<Rest>
  : unknown;

/** The address of a route, its parts in brackets filled in. */
export const addressOf = (route: string, params: Readonly<Record<string, string>>): string =>
  route
    .slice(route.indexOf(" ") + 1)
    .replace(/\[(\w+)\]/g, (_, name: string) => encodeURIComponent(params[name] ?? ""));

/** Asks a route: what is sent and what comes back are as `server/routes` says. A refusal is an answer, as of `send`. */
export const ask = <Route extends keyof Routes>(
  route: Route,
  params: ParamsOf<Route>,
  body: Routes[Route]["takes"],
): Promise<Answer<Routes[Route]["gives"]>> =>
  send(
    route.slice(0, route.indexOf(" ")) as "POST" | "PUT" | "DELETE",
    addressOf(route, params as Readonly<Record<string, string>>),
    body,
  );
