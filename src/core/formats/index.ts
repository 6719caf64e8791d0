export { bodySheets, within } from "./bodySheets";
export {
  faceSheet,
  onSheetOf,
  RULER_MM,
  SHEET_KINDS,
  type FaceSheetKind,
  type Sheet,
  type SheetKind,
} from "./faceSheet";
export { LOOK_FILE_VERSION, lookFileJsonSchema, readLookFile, type LookFile } from "./lookFile";
export {
  DIALECTS,
  formatKitCsv,
  keyOfProduct,
  readKitCsv,
  type Dialect,
  type KitRead,
  type KitRow,
  type RejectedRow,
} from "./productCsv";
export { formatGpl, readGpl, type ColourFile } from "./gpl";
export { practiceSheet } from "./practiceSheet";
export { pieceSheets } from "./pieceSheets";
export { PAPER_KEYS, PAPERS, type PaperKey } from "./paper";
export { pathOfShape, sheetSvg } from "./sheetSvg";
export { paletteLabels } from "./paletteLabels";
export {
  crc32,
  emptyStudio,
  formatStudio,
  readStudio,
  rowOf,
  STUDIO_PARTS,
  type Pictured,
  type RejectedPart,
  type StudioContent,
  type StudioPart,
  type StudioRow,
} from "./studioZip";
