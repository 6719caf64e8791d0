/**
 * The drawing of the face as strands: smooth curves of the person's left half in mm (see landmarks.ts for its origin). Points
 * where zones meet carry a name; zones are rings of parts of strands, so that neighbours share their edge exactly.
 */
export type StrandPoint = readonly [x: number, y: number, name?: string];

export const STRANDS = {
  outline: [[0, 110, "vertex"], [22, 108], [44, 99], [61, 81], [70, 56], [72.5, 26], [71.4, 5], [70.4, -8, "sideburn"], [69.5, -22], [68.4, -34, "cheekSide"],
    [66.5, -48], [63.4, -62, "jawBack"], [61, -70], [57.2, -80, "neckTop"], [53, -88], [44, -99], [30, -111, "chinSide"], [15, -117.6], [0, -119, "menton"]],
  hairline: [[0, 62, "trichion"], [22, 63], [42, 58], [55, 46, "temporal"], [60, 32], [65.5, 14], [70.4, -8, "sideburn"]],
  temporal: [[55, 46, "temporal"], [56.8, 34], [57.4, 20], [55.5, 6.5, "browTail"]],
  browTop: [[55.5, 6.5, "browTail"], [49, 12.4], [41, 16.3], [33, 16.4], [24, 14.3], [15, 11.5, "browHeadTop"]],
  browHead: [[15, 11.5, "browHeadTop"], [13.7, 9], [14, 6, "browHead"]],
  browBottom: [[14, 6, "browHead"], [18, 7], [24, 9.1], [33, 11.8], [41, 12], [49, 9.2], [55.5, 6.5, "browTail"]],
  glabellaTop: [[15, 11.5, "browHeadTop"], [8, 14.6], [0, 15.6, "glabellaTop"]],
  nasion: [[14, 6, "browHead"], [8.6, 4, "bridgeTop"], [0, 3, "nasion"]],
  orbitInner: [[14, 6, "browHead"], [12, 0], [11.8, -6], [13.6, -11.6, "creaseInner"]],
  orbitSide: [[55.5, 6.5, "browTail"], [56, -1], [53.4, -10, "orbitOuter"]],
  outerCorner: [[53.4, -10, "orbitOuter"], [50, -9.2, "creaseOuter"], [46.5, -9.4, "exocanthion"]],
  innerCorner: [[13.6, -11.6, "creaseInner"], [15.5, -11.5, "endocanthion"]],
  crease: [[50, -9.2, "creaseOuter"], [46, -4.6], [40, -0.9], [33, 0.7], [26, -0.2], [19, -3.6], [15, -8], [13.6, -11.6, "creaseInner"]],
  upperLid: [[15.5, -11.5, "endocanthion"], [17, -9.8], [19.6, -7.4], [25, -4.5], [31.5, -3.6], [38, -4.7], [43, -7.1], [46.5, -9.4, "exocanthion"]],
  lowerLid: [[15.5, -11.5, "endocanthion"], [18.5, -12.7], [23, -14], [30, -15], [36, -14.7], [42, -12.4], [46.5, -9.4, "exocanthion"]],
  orbitLower: [[53.4, -10, "orbitOuter"], [51, -17], [44, -23.2, "appleTop"], [34, -26.4], [24, -25.6], [17.4, -22.4], [13, -20, "orbitNose"]],
  noseCheek: [[13.6, -11.6, "creaseInner"], [12.7, -15.5], [13, -20, "orbitNose"], [14, -28], [14.4, -35.4, "wingTop"]],
  bridge: [[8.6, 4, "bridgeTop"], [7.2, -4], [6.7, -14], [7, -24], [8, -33, "bridgeFoot"]],
  tipTop: [[8, -33, "bridgeFoot"], [4, -31.9], [0, -31.5, "tipTop"]],
  alarTop: [[8, -33, "bridgeFoot"], [11, -33.6], [14.4, -35.4, "wingTop"]],
  alarGroove: [[8, -33, "bridgeFoot"], [10.2, -38], [10.8, -43], [10.6, -47], [11, -50.6, "wingFoot"]],
  wing: [[14.4, -35.4, "wingTop"], [16.4, -37.8, "foldOuter"], [17.6, -41.4], [17.6, -45.2, "foldInner"], [15.6, -49.2], [11, -50.6, "wingFoot"]],
  noseBase: [[11, -50.6, "wingFoot"], [7, -51.8], [3.4, -53.8, "columella"]],
  columella: [[3.4, -53.8, "columella"], [0, -54.4, "subnasale"]],
  smileOuter: [[16.4, -37.8, "foldOuter"], [23.6, -42.4], [29.4, -51], [31.8, -56.6, "appleFoot"], [34.2, -64.5], [35.4, -73], [34.2, -81], [33, -88, "foldFoot"]],
  smileInner: [[17.6, -45.2, "foldInner"], [20.6, -48.6], [25, -56.4], [28.2, -65], [29.4, -74.2, "foldMouth"], [28.8, -80], [27.6, -86, "foldFootInner"]],
  foldFoot: [[33, -88, "foldFoot"], [27.6, -86, "foldFootInner"]],
  mouthCorner: [[29.4, -74.2, "foldMouth"], [25.8, -74.2, "cheilion"]],
  philtrumEdge: [[3.4, -53.8, "columella"], [3.7, -57], [4.8, -60.4], [6.3, -63, "cristaPhiltri"]],
  lipTop: [[25.8, -74.2, "cheilion"], [22, -72], [17, -68.8], [11, -65.2], [6.3, -63, "cristaPhiltri"], [3.2, -63.8], [0, -65.2, "labraleSuperius"]],
  lipLine: [[25.8, -74.2, "cheilion"], [20, -73.8], [13, -73.6], [6, -72.9], [0, -74, "stomion"]],
  lipBottom: [[25.8, -74.2, "cheilion"], [20, -79], [13, -83.2], [6, -85.4], [0, -85.8, "labraleInferius"]],
  appleOuter: [[44, -23.2, "appleTop"], [51, -28.6], [54, -37.4, "boneFoot"], [50, -46.4], [41.6, -53.2], [31.8, -56.6, "appleFoot"]],
  boneTop: [[53.4, -10, "orbitOuter"], [59, -10.6], [65, -9.6], [70.4, -8, "sideburn"]],
  boneLow: [[54, -37.4, "boneFoot"], [61, -36.4], [68.4, -34, "cheekSide"]],
  jawTop: [[63.4, -62, "jawBack"], [56, -72.6], [46, -81.4], [33, -88, "foldFoot"]],
  chinSide: [[33, -88, "foldFoot"], [29.6, -95], [28.6, -103], [30, -111, "chinSide"]],
  neckSide: [[57.2, -80, "neckTop"], [55, -100], [54, -130], [57.6, -146, "neckFoot"]],
  neckFoot: [[57.6, -146, "neckFoot"], [42, -158], [22, -166], [0, -168, "jugulare"]],
  napeTop: [[57.2, -80, "neckTop"], [32, -72], [0, -68, "napeTop"]],
  napeFoot: [[57.6, -146, "neckFoot"], [30, -152], [0, -154, "napeFoot"]],
  shoulder: [[57.6, -146, "neckFoot"], [70, -157], [92, -165], [120, -172, "acromial"]],
  figureEdge: [[120, -172, "acromial"], [124, -190, "edge"], [0, -190, "edgeMiddle"]],
} as const satisfies Record<string, readonly StrandPoint[]>;

export type StrandName = keyof typeof STRANDS;

/** Closed curves and lines that are drawn but bound no zone. */
export const FEATURES = {
  ear: { closed: true, points: [[70, 3], [75, 10.5], [80.6, 10], [84.6, 0], [83.6, -14], [80.6, -27], [77, -39], [73, -46.5], [69, -47], [67.6, -38], [69, -20]] },
  earRim: { closed: false, points: [[73.6, 2], [77.4, 6], [80.6, 2], [80.4, -12], [77.6, -24], [74.6, -33]] },
  earInner: { closed: false, points: [[73.4, -4], [76.6, -4], [77, -11], [74.6, -17], [72.6, -20]] },
  nostril: { closed: true, points: [[4.4, -50.4], [6.2, -48.2], [9.4, -47.4], [12, -48.8], [11, -50.4], [7.5, -51.2]] },
  foldLine: { closed: false, points: [[17, -41.4], [22, -45.4], [27, -53.6], [30.6, -63], [31.8, -72]] },
  frownLine: { closed: false, points: [[6.4, 5], [6.8, 10], [6, 16]] },
  foreheadLineLow: { closed: false, points: [[4, 27], [18, 28.4], [33, 27.4], [44, 23.6]] },
  foreheadLineHigh: { closed: false, points: [[4, 39], [18, 40.6], [32, 39.6], [42, 36]] },
  crowsFootHigh: { closed: false, points: [[52, -6.4], [56, -4], [60, -3]] },
  crowsFootLow: { closed: false, points: [[52, -12.4], [56, -15], [59.6, -17.4]] },
  chinCrease: { closed: false, points: [[14, -93.4], [7, -92.2], [0, -92]] },
} as const satisfies Record<string, { closed: boolean; points: readonly (readonly [number, number])[] }>;

export type FeatureName = keyof typeof FEATURES;
