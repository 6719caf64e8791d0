import { NextResponse, type NextRequest } from "next/server";
import { contentSecurityPolicy, refusalOf } from "./server/gate";

/** Stands before every page and route; see server/gate. */
export function proxy(request: NextRequest): Response {
  const { headers, method } = request;
  const refused = refusalOf(
    {
      method,
      path: new URL(request.url).pathname,
      host: headers.get("host"),
      origin: headers.get("origin"),
      site: headers.get("sec-fetch-site"),
      mode: headers.get("sec-fetch-mode"),
      length: headers.get("content-length"),
    },
    process.env.DERMAGRAPH_ORIGIN ?? null,
  );
  if (refused)
    return Response.json(
      { type: "urn:dermagraph:problem:gate", ...refused },
      { status: refused.status, headers: { "content-type": "application/problem+json" } },
    );
  const policy = contentSecurityPolicy(crypto.randomUUID());
  const onward = new Headers(headers);
  // Next puts the nonce it finds here on the scripts it writes.
  onward.set("content-security-policy", policy);
  const response = NextResponse.next({ request: { headers: onward } });
  response.headers.set("content-security-policy", policy);
  return response;
}

export const config = { matcher: "/((?!_next/static/|icon.svg|chair-worker.js).*)" };
