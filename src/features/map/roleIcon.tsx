import {
  Droplet,
  Eraser,
  Fence,
  Hand,
  Layers,
  Moon,
  PenTool,
  Pencil,
  Square,
  Sun,
  Umbrella,
  type LucideIcon,
} from "lucide-react";
import type { Role } from "@/core/look";

/** Shape tells the role; colour never does. */
export const ROLE_ICONS: Readonly<Record<Role, LucideIcon>> = {
  prep: Hand,
  cover: Eraser,
  map: Pencil,
  base: Square,
  set: Layers,
  contour: Moon,
  shade: Umbrella,
  highlight: Sun,
  detail: PenTool,
  seal: Droplet,
  attach: Fence,
};
