import type { NextConfig } from "next";

// Children of the build inherit it, so that all of it agrees.
const BUILD = (process.env.DERMAGRAPH_BUILD ??= Date.now().toString(36));

const config: NextConfig = {
  env: { BUILD },
  serverExternalPackages: ["better-sqlite3", "sharp", "pdfkit", "fontkit"],
  poweredByHeader: false,
  devIndicators: false,
  // Addresses of before, as somebody may have kept them.
  async redirects() {
    return [
      { source: "/shelf/trays/:path*", destination: "/shelf/palettes/:path*", permanent: true },
      {
        source: "/looks/:look/:job/tray",
        destination: "/looks/:look/:job/kit",
        permanent: true,
      },
    ];
  },
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
