import { NextResponse, type NextRequest } from "next/server";
import { contentSecurityPolicy } from "./server/gate";

/** Gives every page its content security policy, with a nonce for the scripts that Next writes. Who comes in at all is decided before (server/frontDoor). */
export function proxy(request: NextRequest): Response {
  const policy = contentSecurityPolicy(crypto.randomUUID());
  const onward = new Headers(request.headers);
  onward.set("content-security-policy", policy);
  const response = NextResponse.next({ request: { headers: onward } });
  response.headers.set("content-security-policy", policy);
  return response;
}

// Routes are left out: Next would keep a copy of every body that passes here, and cut long ones.
export const config = { matcher: "/((?!_next/static/|api/|icon.svg|chair-worker.js).*)" };
