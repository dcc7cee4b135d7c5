/* Generated from schemas/ by `npm run types`. Do not edit. */

/**
 * A pass call: eleven assignments, the reads in order, men moved by hand. Yards; origin at the ball, x to the right, y downfield.
 */
export interface CallDocument {
  kind: "jacotaxis.call";
  version: 1;
  quarterback: "gun";
  set: "2x2" | "trips";
  side: "left" | "right";
  drop?: "quick" | "three" | "five" | "seven" | null;
  /**
   * @minItems 11
   * @maxItems 11
   */
  assignments: Assignment[];
  /**
   * @maxItems 5
   */
  reads: ("X" | "Z" | "H" | "Y" | "R" | "F")[];
  /**
   * @maxItems 4
   */
  keys?: string[];
  /**
   * @maxItems 11
   */
  spots?: Spot[];
  situation?: null | Situation;
}
export interface Assignment {
  man: "LT" | "LG" | "C" | "RG" | "RT" | "Q" | "X" | "Z" | "H" | "Y" | "R" | "F";
  job: "route" | "protect" | "pass";
  route?: "hitch" | "curl" | "out" | "dig" | "corner" | "post" | "seam" | "go" | "shallow" | "flat";
  /**
   * yards past the line at the break; left out: the catalogue's
   */
  depthYd?: number;
  side?: "left" | "right";
  flag?: "clear" | "alert" | "check-down";
  /**
   * checks the rush before he goes
   */
  checks?: boolean;
}
export interface Spot {
  man: "LT" | "LG" | "C" | "RG" | "RT" | "Q" | "X" | "Z" | "H" | "Y" | "R" | "F";
  xYd: number;
  yYd: number;
}
export interface Situation {
  rules?: "nfhs" | "ncaa" | "nfl";
  hash?: "left" | "middle" | "right";
  down?: number;
  /**
   * yards
   */
  toGoYd?: number;
  /**
   * yards from the own goal line
   */
  ballOnYd?: number;
}
/**
 * A picture the defense shows: front, shell, defenders moved by hand. Yards in the play frame.
 */
export interface LookDocument {
  kind: "jacotaxis.look";
  version: 1;
  front: string;
  shell: string;
  /**
   * @maxItems 11
   */
  spots?: DefenderSpot[];
}
export interface DefenderSpot {
  defender: string;
  xYd: number;
  yYd: number;
}
/**
 * A clip worked on: what was called against what, marks on its clock in seconds, calibrations and plots in pixels of the picture. Field yards: X from the left sideline as the offense looks, Y from the own goal line.
 */
export interface FilmDocument {
  kind: "jacotaxis.film";
  version: 1;
  call: string | CallDocument;
  look: string | LookDocument;
  level?: "high-school" | "college" | "professional";
  situation?: null | FilmSituation;
  video?: Video;
  /**
   * @maxItems 200
   */
  marks?: FilmMark[];
  /**
   * @maxItems 50
   */
  calibrations?: FilmCalibration[];
  /**
   * @maxItems 2000
   */
  plots?: FilmPlot[];
}
export interface FilmSituation {
  rules?: "nfhs" | "ncaa" | "nfl";
  hash?: "left" | "middle" | "right";
  down?: number;
  /**
   * yards
   */
  toGoYd?: number;
  /**
   * yards from the own goal line
   */
  ballOnYd?: number;
}
export interface Video {
  fps?: number;
  widthPx?: number;
  heightPx?: number;
  durationS?: number;
}
export interface FilmMark {
  kind: "snap" | "break" | "ball out" | "catch";
  atS: number;
  man?: string | null;
}
export interface FilmCalibration {
  atS: number;
  /**
   * @maxItems 60
   */
  points: CalibrationPoint[];
}
export interface CalibrationPoint {
  xPx: number;
  yPx: number;
  fieldXYd: number;
  fieldYYd: number;
  mark?: string;
}
export interface FilmPlot {
  id: string;
  man: string;
  atS: number;
  xPx: number;
  yPx: number;
}
/**
 * What a call does to a look. Yards and seconds.
 */
export interface ProofReport {
  verdict: "bound" | "guess" | "covered";
  strength: number;
  protection: "protected" | "hot" | "free" | "none";
  why: string;
  ruleTrue: OutcomeRow;
  keys: KeyRow[];
  spoilers: SpoilerRow[];
  picture: PictureRow;
  run: null;
  /**
   * @minItems 11
   * @maxItems 11
   */
  assignments: AssignmentRow[];
  reads: ReadRow[];
  findings: FindingRow[];
  assumed: string[];
  tempo: TempoRow;
}
export interface OutcomeRow {
  action: "throw" | "check-down" | "give" | "pull" | "keep" | "pitch" | "throwaway" | "sack";
  man: string | null;
  number: number | null;
  side: string | null;
  route: string | null;
  outAt: number | null;
  caughtAt: number | null;
  margin: number;
  completion: number;
  gain: number;
  why: string;
}
export interface KeyRow {
  defender: string;
  question: string;
  verdict: "bound" | "guess" | "covered";
  strength: number;
  conflict: boolean;
  leastAt: LeastAt;
  acts: ActRow[];
  choices: ChoiceRow[];
}
export interface LeastAt {
  xYd: number;
  yYd: number;
  act: string;
}
export interface ActRow {
  name: string;
  best: number;
  action: "throw" | "check-down" | "give" | "pull" | "keep" | "pitch" | "throwaway" | "sack";
  man: string | null;
  number: number | null;
  side: string | null;
  route: string | null;
  outAt: number | null;
  caughtAt: number | null;
  margin: number;
  completion: number;
  gain: number;
  why: string;
}
export interface ChoiceRow {
  name: string;
  action: "throw" | "check-down" | "give" | "pull" | "keep" | "pitch" | "throwaway" | "sack";
  man: string | null;
  number: number | null;
  side: string | null;
  route: string | null;
  outAt: number | null;
  caughtAt: number | null;
  margin: number;
  completion: number;
  gain: number;
  why: string;
}
export interface SpoilerRow {
  defender: string;
  name: string;
  why: string;
}
export interface PictureRow {
  middle: "open" | "closed";
  middleAfterSnap: "open" | "closed";
  box: number;
  boxEffective: number;
  boxBlockers: number;
  receivers: BySideList;
  strength: string;
  support: SupportBySide;
  covered: string[];
  numbers: NumbersBySide;
}
export interface BySideList {
  left: string[];
  right: string[];
}
export interface SupportBySide {
  left: string;
  right: string;
}
export interface NumbersBySide {
  left: string;
  right: string;
}
export interface AssignmentRow {
  man: string;
  job: string;
  target: string | null;
  makeable: boolean | null;
  why: string | null;
}
export interface ReadRow {
  man: string;
  route: string;
  number: number | null;
  flag: string | null;
  slot: null | number[];
  breakAt: number;
  depthYd: number;
  state: "live" | "dead";
  killedBy: string | null;
  windows: number[][];
}
export interface FindingRow {
  code: string;
  severity: "info" | "caution" | "fault";
  man?: string | null;
  text: string;
  rule?: string;
  fix?: string;
  move?: Move;
}
export interface Move {
  man: string;
  xYd: number;
  yYd: number;
}
export interface TempoRow {
  drop: string;
  setAt: number;
  hitches: number[];
  rushAt: number;
  outAt: number | null;
  caughtAt: number | null;
}
