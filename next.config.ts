import type { NextConfig } from "next";

// Children of the build inherit it, so that all of it agrees.
const BUILD = (process.env.DERMAGRAPH_BUILD ??= Date.now().toString(36));

const config: NextConfig = {
  env: { BUILD },
  serverExternalPackages: ["better-sqlite3", "sharp", "pdfkit", "fontkit"],
  poweredByHeader: false,
  devIndicators: false,
  async headers() {
    return [
      {
        source: "/:path*",
        headers: [
          { key: "X-Content-Type-Options", value: "nosniff" },
          { key: "Referrer-Policy", value: "same-origin" },
          { key: "X-Frame-Options", value: "DENY" },
          { key: "Cross-Origin-Opener-Policy", value: "same-origin" },
          { key: "Cross-Origin-Resource-Policy", value: "same-origin" },
          { key: "Permissions-Policy", value: "camera=(), microphone=(), geolocation=()" },
        ],
      },
    ];
  },
};

export default config;
