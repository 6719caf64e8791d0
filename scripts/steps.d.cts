import type { ChildProcess, StdioOptions } from "node:child_process";
export declare const ROOT: string;
export declare const CHROMIUM: { executablePath: string; headless: boolean; args: string[] };
export declare function freePort(wish?: number): Promise<number>;
export declare function endTogether(server: import("node:child_process").ChildProcess): void;
export declare function startServer(
  port: number,
  extra?: Record<string, string>,
  stdio?: StdioOptions,
  uid?: number,
): ChildProcess;
export declare function answers(url: string, seconds: number): Promise<boolean>;
export function build(): boolean;
