import "server-only";
import { Server, type IncomingMessage, type ServerResponse } from "node:http";

const USED = new Set(["GET", "HEAD", "POST", "PUT", "DELETE", "OPTIONS"]);

/**
 * Answers methods that nothing here uses. Next can't even make a request of some of them (TRACE is
 * forbidden to Request) and fails with a 500 before the gate is asked.
 */
export function refuseOddMethods(): void {
  const emit = Server.prototype.emit;
  Server.prototype.emit = function (this: Server, event: string, ...given: unknown[]): boolean {
    const [request, response] = given as [IncomingMessage, ServerResponse];
    if (event !== "request" || USED.has(request.method ?? ""))
      return emit.apply(this, [event, ...given] as Parameters<typeof emit>);
    response.writeHead(405, { "content-type": "application/problem+json" });
    response.end(JSON.stringify({ title: "That is not done here.", status: 405 }));
    return true;
  } as typeof emit;
}
