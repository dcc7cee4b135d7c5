/* Generated from schemas/ by `npm run types`. Do not edit. */

/**
 * feet between linemen; left out: the set's own
 */
export type LineSplits = null | {
  guardFt: number;
  tackleFt: number;
  footToFoot?: boolean;
};
/**
 * @minItems 11
 * @maxItems 11
 */
export type Assignments = Assignment[];
/**
 * @maxItems 5
 */
export type Reads = ("X" | "Z" | "H" | "Y" | "R" | "F")[];
/**
 * @maxItems 4
 */
export type Keys = string[];
/**
 * the staff's own rules: if a defender does this then the ball goes there, or a man has another job
 *
 * @maxItems 8
 */
export type Rules = StaffRule[];

/**
 * A pass call: eleven assignments, the reads in order, men moved by hand. Yards; origin at the ball, x to the right, y downfield.
 */
export interface CallDocument {
  kind: "jacotaxis.call";
  version: 1;
  quarterback: "gun" | "pistol" | "under center";
  set:
    | "2x2"
    | "trips"
    | "trey"
    | "bunch"
    | "stack"
    | "empty"
    | "wing"
    | "2x2 closed"
    | "nub"
    | "twins wing"
    | "twins I"
    | "I"
    | "two-back"
    | "split-back"
    | "wing-slot"
    | "double-slot"
    | "double-wing"
    | "unbalanced"
    | "quads"
    | "ace"
    | "wing-T"
    | "wishbone"
    | "full house"
    | "strong I"
    | "weak I"
    | "power I"
    | "diamond"
    | "H-back";
  side: "left" | "right";
  modifier?: "condensed" | "tight" | "wide" | "over" | null;
  splits?: LineSplits;
  /**
   * who stands in another's place in the set
   *
   * @maxItems 5
   */
  standIns?: StandIn[];
  /**
   * @maxItems 4
   */
  motions?: CallMotion[];
  drop?: "quick" | "three" | "five" | "seven" | null;
  assignments: Assignments;
  reads: Reads;
  keys?: Keys;
  /**
   * @maxItems 11
   */
  spots?: Spot[];
  situation?: null | Situation;
  /**
   * left out: five linemen and whoever stays
   */
  protection?: null | CallProtection;
  /**
   * run action shown first
   */
  fake?: null | CallFake;
  /**
   * gets the ball when somebody comes free
   */
  hot?: "X" | "Z" | "H" | "Y" | "R" | "F" | null;
  readsBy?: ReadsBy;
  /**
   * a run: everybody without a route follows the scheme's rule
   */
  run?: null | CallRun;
  rules?: Rules;
  kill?: Kill;
}
export interface StandIn {
  for: "X" | "Z" | "H" | "Y" | "R" | "F";
  in: "X" | "Z" | "H" | "Y" | "R" | "F";
}
export interface CallMotion {
  man: "LT" | "LG" | "C" | "RG" | "RT" | "X" | "Z" | "H" | "Y" | "R" | "F";
  kind: "jet" | "orbit" | "return" | "short" | "trade" | "fast" | "shift" | "pitch" | "in";
  side?: "left" | "right" | null;
  /**
   * the sound of the cadence he starts on; null: when he must
   */
  sound?: null | {
    word: string;
    last?: boolean;
  };
  /**
   * needed spot at the snap; null: the kind's own
   */
  to?: null | {
    xYd: number;
    yYd: number;
  };
  purpose?: "man-zone test" | "gain a man outside" | "rotate the safety" | "hold a backer" | "reach a path" | null;
}
export interface Assignment {
  man: "LT" | "LG" | "C" | "RG" | "RT" | "Q" | "X" | "Z" | "H" | "Y" | "R" | "F";
  job: "route" | "protect" | "pass" | "rule";
  route?:
    | "hitch"
    | "curl"
    | "out"
    | "dig"
    | "corner"
    | "post"
    | "seam"
    | "go"
    | "shallow"
    | "slant"
    | "quick out"
    | "in"
    | "stop"
    | "now hitch"
    | "comeback"
    | "over"
    | "bender"
    | "sit"
    | "wheel"
    | "arrow"
    | "swing"
    | "bubble"
    | "flat"
    | "choice"
    | "slide"
    | "sneak flat"
    | "chip flat"
    | "crack seam"
    | "leak"
    | "post-corner"
    | "corner-post"
    | "hitch-go"
    | "slant-go"
    | "whip"
    | "angle"
    | "back shoulder"
    | "out-up";
  /**
   * yards past the line at the break; left out: the catalogue's
   */
  depthYd?: number;
  side?: "left" | "right";
  flag?: "clear" | "alert" | "decoy" | "check-down";
  /**
   * checks the rush before he goes
   */
  checks?: boolean;
  /**
   * hits the edge rusher before he goes
   */
  chips?: boolean;
  /**
   * a landmark instead of a depth (sticks) or for the width (hash, numbers, ball)
   */
  at?: "sticks" | "hash" | "numbers" | "ball";
  /**
   * how he ends it where it is not the catalogue's way
   */
  finish?: "settling" | "moving";
  release?: "inside" | "outside";
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
export interface CallProtection {
  name:
    | "man"
    | "half-slide"
    | "full-slide"
    | "gap"
    | "big-on-big"
    | "five-man"
    | "six-man"
    | "seven-man"
    | "eight-man"
    | "boot"
    | "half-boot"
    | "naked"
    | "pocket";
  side?: "left" | "right" | null;
}
export interface CallFake {
  run:
    | "zone"
    | "outside zone"
    | "split zone"
    | "duo"
    | "power"
    | "counter"
    | "trap"
    | "jet counter"
    | "belly"
    | "buck"
    | "dive"
    | "iso"
    | "insert"
    | "wham"
    | "dart"
    | "pin and pull"
    | "power read"
    | "draw"
    | "jet"
    | "toss"
    | "rocket"
    | "end around"
    | "reverse"
    | "crack"
    | "triple"
    | "midline"
    | "midline pitch"
    | "isolated dive"
    | "freeze option"
    | "lead option"
    | "load option"
    | "speed option"
    | "counter option"
    | "shovel"
    | "quarterback wham"
    | "quarterback power"
    | "quarterback counter"
    | "quarterback sweep"
    | "quarterback iso"
    | "quarterback draw"
    | "quarterback sneak"
    | "bubble screen"
    | "now screen"
    | "tunnel screen"
    | "swing screen"
    | "slip screen"
    | "tight end screen"
    | "freeze";
  side?: "left" | "right" | null;
  man?: "X" | "Z" | "H" | "Y" | "R" | "F" | null;
  /**
   * what comes back out of the run: the ball, or a throw by who has it
   */
  trick?: "flicker" | "back pass" | null;
}
/**
 * another order of the reads by what is seen
 */
export interface ReadsBy {
  /**
   * @minItems 1
   * @maxItems 5
   */
  man?: ("X" | "Z" | "H" | "Y" | "R" | "F")[];
  /**
   * @minItems 1
   * @maxItems 5
   */
  zone?: ("X" | "Z" | "H" | "Y" | "R" | "F")[];
  /**
   * @minItems 1
   * @maxItems 5
   */
  closed?: ("X" | "Z" | "H" | "Y" | "R" | "F")[];
  /**
   * @minItems 1
   * @maxItems 5
   */
  open?: ("X" | "Z" | "H" | "Y" | "R" | "F")[];
}
export interface CallRun {
  scheme:
    | "zone"
    | "outside zone"
    | "split zone"
    | "duo"
    | "power"
    | "counter"
    | "trap"
    | "jet counter"
    | "belly"
    | "buck"
    | "dive"
    | "iso"
    | "insert"
    | "wham"
    | "dart"
    | "pin and pull"
    | "power read"
    | "draw"
    | "jet"
    | "toss"
    | "rocket"
    | "end around"
    | "reverse"
    | "crack"
    | "triple"
    | "midline"
    | "midline pitch"
    | "isolated dive"
    | "freeze option"
    | "lead option"
    | "load option"
    | "speed option"
    | "counter option"
    | "shovel"
    | "quarterback wham"
    | "quarterback power"
    | "quarterback counter"
    | "quarterback sweep"
    | "quarterback iso"
    | "quarterback draw"
    | "quarterback sneak"
    | "bubble screen"
    | "now screen"
    | "tunnel screen"
    | "swing screen"
    | "slip screen"
    | "tight end screen";
  side: "left" | "right";
  /**
   * who carries, when it is not the scheme's own man
   */
  man?: "X" | "Z" | "H" | "Y" | "R" | "F" | null;
  /**
   * @maxItems 4
   */
  tags?: RunTag[];
  /**
   * jobs given by hand instead of the scheme's rule
   *
   * @maxItems 10
   */
  orders?: RunOrder[];
  /**
   * the quarterback hands off whatever the key does
   */
  giveOnly?: boolean;
}
export interface RunTag {
  name: "arc" | "bluff" | "tackle arc" | "tight-end surface" | "exchange" | "crack" | "wham" | "slot round" | "read";
  side?: "left" | "right" | null;
}
export interface RunOrder {
  man: "LT" | "LG" | "C" | "RG" | "RT" | "X" | "Z" | "H" | "Y" | "R" | "F";
  job:
    | "block"
    | "base"
    | "reach"
    | "down"
    | "scoop"
    | "climb"
    | "release"
    | "kick"
    | "wrap"
    | "lead"
    | "fill"
    | "fold"
    | "hook"
    | "load"
    | "edge"
    | "arc"
    | "bluff"
    | "split"
    | "crack"
    | "cut off"
    | "stalk";
  target?: string | null;
}
export interface StaffRule {
  defender: string;
  act:
    | "sit"
    | "sink"
    | "jump"
    | "stay"
    | "widen"
    | "hang"
    | "trigger"
    | "stay home"
    | "insert"
    | "drop"
    | "crash"
    | "come up"
    | "take the back"
    | "take the quarterback"
    | "take the pitch"
    | "fall off"
    | "between";
  phase: "before the snap" | "fake" | "stem" | "break";
  action?: "give" | "pull" | "keep" | "pitch" | "throw" | null;
  man?: "LT" | "LG" | "C" | "RG" | "RT" | "X" | "Z" | "H" | "Y" | "R" | "F" | null;
  job?: string | null;
}
/**
 * the second of two calls from one formation, and the picture in which the quarterback goes to it
 */
export interface Kill {
  when:
    | "box heavy"
    | "box light"
    | "box of"
    | "middle open"
    | "middle closed"
    | "numbers"
    | "walked up"
    | "press"
    | "off"
    | "odd front"
    | "even front";
  /**
   * with box of: as many or more in the box, men
   */
  box?: number;
  to: SecondCall;
}
export interface SecondCall {
  drop?: "quick" | "three" | "five" | "seven" | null;
  assignments: Assignments;
  reads: Reads;
  keys?: Keys;
  /**
   * left out: five linemen and whoever stays
   */
  protection?: null | CallProtection;
  /**
   * run action shown first
   */
  fake?: null | CallFake;
  /**
   * gets the ball when somebody comes free
   */
  hot?: "X" | "Z" | "H" | "Y" | "R" | "F" | null;
  readsBy?: ReadsBy;
  /**
   * a run: everybody without a route follows the scheme's rule
   */
  run?: null | CallRun;
  rules?: Rules;
}
/**
 * A set with its line splits and the men moved by hand. Yards in the play frame, feet between linemen.
 */
export interface FormationDocument {
  kind: "jacotaxis.formation";
  version: 1;
  quarterback: "gun" | "pistol" | "under center";
  set:
    | "2x2"
    | "trips"
    | "trey"
    | "bunch"
    | "stack"
    | "empty"
    | "wing"
    | "2x2 closed"
    | "nub"
    | "twins wing"
    | "twins I"
    | "I"
    | "two-back"
    | "split-back"
    | "wing-slot"
    | "double-slot"
    | "double-wing"
    | "unbalanced"
    | "quads"
    | "ace"
    | "wing-T"
    | "wishbone"
    | "full house"
    | "strong I"
    | "weak I"
    | "power I"
    | "diamond"
    | "H-back";
  side: "left" | "right";
  modifier?: "condensed" | "tight" | "wide" | "over" | null;
  /**
   * feet between linemen; left out: the set's own
   */
  splits?: null | {
    guardFt: number;
    tackleFt: number;
    footToFoot?: boolean;
  };
  /**
   * who stands in another's place in the set
   *
   * @maxItems 5
   */
  standIns?: {
    for: "X" | "Z" | "H" | "Y" | "R" | "F";
    in: "X" | "Z" | "H" | "Y" | "R" | "F";
  }[];
  /**
   * @maxItems 11
   */
  spots?: {
    man: "LT" | "LG" | "C" | "RG" | "RT" | "Q" | "X" | "Z" | "H" | "Y" | "R" | "F";
    xYd: number;
    yYd: number;
  }[];
}
/**
 * A picture the defense shows: front, shell, disguise, pressure, and men changed by hand. Yards in the play frame, seconds.
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
  /**
   * shell shown before the snap
   */
  shown?: string | null;
  /**
   * where a safety comes down at the snap
   */
  rotates?: "strong" | "weak" | "left" | "right" | "field" | "boundary" | null;
  rushers?: number | null;
  /**
   * @maxItems 2
   */
  edges?: ("strong" | "weak" | "left" | "right" | "field" | "boundary")[];
  /**
   * side the front is set to by hand
   */
  strength?: "strong" | "weak" | "left" | "right" | "field" | "boundary" | null;
  motion?: "bump" | "travel" | "stay" | "rotate";
  /**
   * whether the front moves over to an unbalanced or shifted line
   */
  slides?: boolean;
  /**
   * whether man defenders stay on their men where receivers stand close together, instead of passing them off
   */
  locks?: boolean;
  /**
   * @maxItems 6
   */
  techniques?: TechniqueOn[];
  /**
   * @maxItems 14
   */
  changes?: DefenderChange[];
}
export interface DefenderSpot {
  defender: string;
  xYd: number;
  yYd: number;
}
export interface TechniqueOn {
  technique: string;
  on: string;
}
export interface DefenderChange {
  defender: string;
  job?: string | null;
  /**
   * receiver he takes or matches
   */
  on?: "X" | "Z" | "H" | "Y" | "R" | "F" | null;
  reactionS?: number | null;
  movement?: null | {
    kind: "slant" | "cross" | "spike" | "scrape" | "squeeze" | "upfield" | "blitz";
    side?: "left" | "right" | "strong" | "weak" | "field" | "boundary" | null;
  };
  /**
   * @maxItems 3
   */
  leverage?: ("press" | "off" | "bail" | "inside" | "outside" | "head-up")[];
  offYd?: number | null;
  walked?: boolean;
  spot?: null | {
    xYd: number;
    yYd: number;
  };
  /**
   * in the box or out of it by the coach
   */
  counted?: "in" | "out" | null;
  reason?: string | null;
}
/**
 * A snap worked on: what was called against what (either may be null while unknown), how it is charted, marks on the clock of the first angle in seconds, and for each angle the calibrations, the movement of the picture between them, the plots and the drawings in pixels. Field yards: X from the left sideline as the offense looks, Y from the own goal line.
 */
export interface FilmDocument {
  kind: "jacotaxis.film";
  version: 1;
  call?: null | string | CallDocument;
  look?: null | string | LookDocument;
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
   * @maxItems 8000
   */
  plots?: FilmPlot[];
  /**
   * @maxItems 60
   */
  drawings?: FilmDrawing[];
  /**
   * @maxItems 2
   */
  angles?: FilmAngle[];
  /**
   * how the picture of an angle moved: a homography from the picture at fromS to the picture at toS, row by row
   *
   * @maxItems 4000
   */
  moves?: FilmMove[];
  /**
   * what was seen by eye: of the play, sub-marks of a man (plus or minus), and facts with an answer or a number; a guess is not counted
   *
   * @maxItems 400
   */
  seen?: FilmSeen[];
  /**
   * @maxItems 400
   */
  settled?: FilmSettled[];
  chart?: FilmChart;
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
  kind:
    | "set"
    | "motion start"
    | "snap"
    | "first step"
    | "inside contact"
    | "plant"
    | "hips turned"
    | "back foot"
    | "mesh"
    | "key commits"
    | "break"
    | "ball out"
    | "catch"
    | "climb"
    | "past press"
    | "tackle"
    | "free";
  atS: number;
  /**
   * letter or role; ? while nobody can tell
   */
  man?: string | null;
  /**
   * which of several, as the second inside contact
   */
  n?: number;
  label?: string;
  /**
   * false for a guess
   */
  certain?: boolean;
}
export interface FilmCalibration {
  atS: number;
  /**
   * @maxItems 60
   */
  points: CalibrationPoint[];
  /**
   * wide when left out
   */
  angle?: "wide" | "tight";
}
export interface CalibrationPoint {
  xPx: number;
  yPx: number;
  fieldXYd: number;
  fieldYYd: number;
  /**
   * One-sigma error of the click, pixels of the picture: a hand's error on the screen times how much smaller the picture was shown.
   */
  clickPx?: number;
  mark?: string;
}
export interface FilmPlot {
  id: string;
  man: string;
  atS: number;
  xPx: number;
  yPx: number;
  /**
   * wide when left out
   */
  angle?: "wide" | "tight";
  /**
   * One-sigma error of the click, pixels of the picture: a hand's error on the screen times how much smaller the picture was shown.
   */
  clickPx?: number;
  /**
   * of a plot that was followed, not clicked
   */
  confidence?: number;
}
/**
 * A drawing on the frozen picture of an angle. Points are pixels of that picture: two for an arrow (from, to), a line, a ring (middle, a place on it), a frame and a zone (two corners), one for a word.
 */
export interface FilmDrawing {
  id: string;
  kind: "arrow" | "line" | "ring" | "frame" | "zone" | "word";
  atS: number;
  /**
   * wide when left out
   */
  angle?: "wide" | "tight";
  /**
   * @minItems 1
   * @maxItems 2
   */
  points: number[][];
  word?: string;
}
export interface FilmAngle {
  name: "wide" | "tight";
  /**
   * seconds to add to the first angle's clock to get this one's
   */
  offsetS?: number;
  widthPx?: number;
  heightPx?: number;
  fps?: number;
}
export interface FilmMove {
  /**
   * wide when left out
   */
  angle?: "wide" | "tight";
  fromS: number;
  toS: number;
  /**
   * @minItems 9
   * @maxItems 9
   */
  h: number[];
  inliers: number;
  missPx: number;
}
export interface FilmSeen {
  man: string;
  what:
    | "choice"
    | "action"
    | "owner"
    | "mesh spoiled"
    | "outcome"
    | "route"
    | "count"
    | "footwork"
    | "mesh or fake"
    | "eyes"
    | "ball out"
    | "placement"
    | "base"
    | "stance and spot"
    | "steps to the mesh"
    | "press"
    | "cut"
    | "pitch relation"
    | "set to block"
    | "catch"
    | "finish"
    | "start"
    | "aim"
    | "rhythm"
    | "release plant"
    | "break"
    | "shoulders"
    | "speed"
    | "block made"
    | "sell"
    | "path"
    | "contact"
    | "first step"
    | "near hip or base"
    | "hands"
    | "square"
    | "takeover"
    | "climb"
    | "break foot"
    | "gathers"
    | "quicks planned"
    | "quicks"
    | "toes reached"
    | "sudden"
    | "pressed"
    | "gap at the top"
    | "break depth"
    | "undercut"
    | "sell steps"
    | "method"
    | "block"
    | "moving at contact"
    | "second contact"
    | "cuts"
    | "ball at"
    | "ball hung"
    | "ball shown"
    | "frees another"
    | "branch taken"
    | "foul";
  value: string | number;
  certain?: boolean;
  /**
   * wide when left out
   */
  angle?: "wide" | "tight";
}
export interface FilmSettled {
  question: string;
  was: string;
  now: string;
  by: string;
  on: string;
}
export interface FilmChart {
  number?: number;
  kind?: "game" | "scrimmage" | "exhibition" | "practice";
  quarter?: number;
  clockS?: number;
  score?: null | FilmScore;
  series?: number;
  personnel?: string;
  formation?: string;
  motion?: string;
  result?:
    | "complete"
    | "incomplete"
    | "dropped"
    | "thrown away"
    | "intercepted"
    | "run"
    | "scramble"
    | "sack"
    | "fumble lost"
    | "kneel"
    | "spike"
    | "no play";
  gainYd?: number;
  touchdown?: boolean;
  carrier?: string;
  penalty?: null | FilmPenalty;
  weight?: number;
  weightWhy?: string;
  note?: string;
  box?: number;
  /**
   * @maxItems 22
   */
  stood?: FilmDefenderStood[];
  /**
   * @maxItems 22
   */
  acts?: FilmDefenderAct[];
}
export interface FilmScore {
  us: number;
  them: number;
}
export interface FilmPenalty {
  by: "us" | "them";
  yards: number;
  what: string;
  nullified: boolean;
}
export interface FilmDefenderStood {
  defender: string;
  /**
   * yards from the line of scrimmage when they had lined up
   */
  linedUpYd: number;
  /**
   * yards from the line of scrimmage at the snap
   */
  atSnapYd?: number;
  leverage?: "inside" | "head-up" | "outside" | null;
}
export interface FilmDefenderAct {
  defender: string;
  act:
    | "triggers"
    | "falls off"
    | "tackles in the box"
    | "flies up on the pitch"
    | "fits the jet"
    | "scrapes at the jet"
    | "fires out at the motion"
    | "sinks"
    | "contains"
    | "sinks under the sticks"
    | "squeezes"
    | "peels with the back";
}
/**
 * What a call does to a look. Yards and seconds.
 */
export interface ProofReport {
  verdict: "bound" | "open" | "guess" | "covered";
  /**
   * seconds; null where no ball is thrown or carried
   */
  strength: number | null;
  worth: WorthOfPlay;
  protection: "protected" | "hot" | "free" | "none";
  why: string;
  /**
   * of two calls which is played and what was seen; null where one call is made
   */
  decided: null | Decided;
  ruleTrue: OutcomeRow;
  keys: KeyRow[];
  spoilers: SpoilerRow[];
  picture: PictureRow;
  /**
   * what a run reads and leaves; null for passes
   */
  run: null | RunTold;
  /**
   * @minItems 11
   * @maxItems 11
   */
  assignments: AssignmentRow[];
  /**
   * a pass man by man beside what it is made to look like
   */
  compared: Compared[];
  reads: ReadRow[];
  findings: FindingRow[];
  assumed: string[];
  tempo: TempoRow;
  /**
   * receivers with a man in their faces: the plan, and the answer to each reaction
   */
  press: PressRow[];
  /**
   * every numbered read when everybody plays his rule: live, or dead with what killed it
   */
  states: ReadState1[];
  /**
   * the run a play-action pass is proved with
   */
  base?: null | BaseRun;
}
export interface WorthOfPlay {
  byRule: Worth;
  worst: Worth1;
}
export interface Worth {
  /**
   * chance of success by down and distance, 0 to 1
   */
  chance: number;
  /**
   * expected yards
   */
  yards: number;
}
export interface Worth1 {
  /**
   * chance of success by down and distance, 0 to 1
   */
  chance: number;
  /**
   * expected yards
   */
  yards: number;
}
export interface Decided {
  /**
   * the second call is played
   */
  killed: boolean;
  seen: string;
}
export interface OutcomeRow {
  action: "throw" | "check-down" | "give" | "pull" | "keep" | "pitch" | "throwaway" | "sack";
  man: string | null;
  number: number | null;
  side: string | null;
  route: string | null;
  outAt: number | null;
  caughtAt: number | null;
  margin: number | null;
  completion: number;
  /**
   * chance of success by down and distance, 0 to 1
   */
  chance: number;
  gain: number;
  why: string;
  /**
   * the read that would have been live had this one been taken away
   */
  next: string | null;
  /**
   * gap or alley of a run
   */
  where?: string;
  /**
   * the first free man and where he meets the carrier, yards
   */
  firstFree?: null | {
    defender: string;
    atYd: number;
    xYd: number;
  };
}
export interface KeyRow {
  defender: string;
  question: string;
  verdict: "bound" | "open" | "guess" | "covered";
  strength: number | null;
  conflict: boolean;
  leastAt: LeastAt;
  acts: ActRow[];
  choices: ChoiceRow[];
}
export interface LeastAt {
  xYd: number;
  yYd: number;
  act: string;
  margin: number | null;
}
export interface ActRow {
  name: string;
  best: number | null;
  action: "throw" | "check-down" | "give" | "pull" | "keep" | "pitch" | "throwaway" | "sack";
  man: string | null;
  number: number | null;
  side: string | null;
  route: string | null;
  outAt: number | null;
  caughtAt: number | null;
  margin: number | null;
  completion: number;
  /**
   * chance of success by down and distance, 0 to 1
   */
  chance: number;
  gain: number;
  why: string;
  /**
   * the read that would have been live had this one been taken away
   */
  next: string | null;
  reads: ReadState[];
  /**
   * gap or alley of a run
   */
  where?: string;
  /**
   * the first free man and where he meets the carrier, yards
   */
  firstFree?: null | {
    defender: string;
    atYd: number;
    xYd: number;
  };
}
export interface ReadState {
  man: string;
  state: "live" | "dead";
  margin: number | null;
  killedBy: string | null;
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
  margin: number | null;
  completion: number;
  /**
   * chance of success by down and distance, 0 to 1
   */
  chance: number;
  gain: number;
  why: string;
  /**
   * the read that would have been live had this one been taken away
   */
  next: string | null;
  /**
   * gap or alley of a run
   */
  where?: string;
  /**
   * the first free man and where he meets the carrier, yards
   */
  firstFree?: null | {
    defender: string;
    atYd: number;
    xYd: number;
  };
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
  deep: number;
  boxWords: string;
  boxHalf: string[];
  within10: number;
  frontStrength: string;
  emol: LastOnLine;
  overhang: OverhangBySide;
  uncovered: string[];
  point: string | null;
  gaps: {
    [k: string]: string | null;
  };
  outside: OutsideBySide;
  accounted:
    | {
        [k: string]: string[];
      }
    | unknown[];
  mismatches: MismatchRow[];
  before: {} | null;
  motions: MotionRow[];
  tells: TellsRow;
  personnel: string;
  extraHat: string | null;
  extraBlocker: string | null;
  outflanked: string[];
  playActionReady: boolean;
}
export interface BySideList {
  left: string[];
  right: string[];
  final?: FinalCount;
}
export interface FinalCount {
  left: string[];
  right: string[];
}
export interface SupportBySide {
  left: string | null;
  right: string | null;
}
export interface NumbersBySide {
  left: string;
  right: string;
}
export interface LastOnLine {
  left: string | null;
  right: string | null;
}
export interface OverhangBySide {
  left: string | null;
  right: string | null;
}
export interface OutsideBySide {
  left: OutsideRow;
  right: OutsideRow1;
}
export interface OutsideRow {
  ours: number;
  theirs: number;
  grassYd: number | null;
  leverageYd: number | null;
  numbers: boolean;
  grass: boolean;
  leverage: boolean;
  yes: boolean;
  throw: string | null;
  why: string;
}
export interface OutsideRow1 {
  ours: number;
  theirs: number;
  grassYd: number | null;
  leverageYd: number | null;
  numbers: boolean;
  grass: boolean;
  leverage: boolean;
  yes: boolean;
  throw: string | null;
  why: string;
}
export interface MismatchRow {
  man: string;
  defender: string;
  why: string;
}
export interface MotionRow {
  man: string;
  kind: string;
  words: string;
  startS: number;
  bestSound: string;
  set: boolean;
  at: SpotRow;
  needed: SpotRow;
  lateYd: number;
  lateSteps: number;
  sounds: SoundRow[];
  purpose: string | null;
  purposeMet: boolean | null;
  path: number[][];
}
export interface SpotRow {
  xYd: number;
  yYd: number;
}
export interface SoundRow {
  sound: string;
  word: string;
  last: boolean;
  beforeS: number;
  lateYd: number;
  lateSteps: number;
}
export interface TellsRow {
  left: TellRow;
  right: TellRow1;
  deep: number;
  known: string | null;
}
export interface TellRow {
  coverage: "man" | "zone" | "unknown";
  certainty: string;
  why: string;
}
export interface TellRow1 {
  coverage: "man" | "zone" | "unknown";
  certainty: string;
  why: string;
}
export interface RunTold {
  scheme: string;
  side: "left" | "right";
  words: string;
  kind: "zone" | "gap" | "jet" | "option";
  carrier: string | null;
  where: string;
  cutKey: null | {
    defender: string;
    technique: string | null;
    triangle: string[];
    gap: string;
    looks: string[];
    why: string;
  };
  readKey: string | null;
  pitchKey: string | null;
  keysInOrder: string[];
  optionCount: string[];
  /**
   * the first free man and where he meets the carrier, yards
   */
  firstFree: null | FirstFree;
  carriersOnKeys: string | null;
  mike: null | {
    defender: string;
    men: string[];
  };
  freeSafety: null | {
    defender: string;
    men: string[];
  };
  hats: {
    ours: number;
    theirs: number;
    words: string;
  };
  unaccounted: string[];
  answers: RunAnswer[];
  pairs: RunPair[];
  lineCalls: LineCall[];
  successYd: number;
}
export interface FirstFree {
  defender: string;
  atYd: number;
  xYd: number;
}
export interface RunAnswer {
  tag: string;
  words: string;
  verdict: "bound" | "open" | "guess" | "covered";
  strength: number;
  /**
   * chance of success at the worst, 0 to 1
   */
  chance: number;
  accounts: string[];
  leaves: string[];
}
export interface RunPair {
  action: "throw" | "check-down" | "give" | "pull" | "keep" | "pitch" | "throwaway" | "sack";
  man: string | null;
  number: number | null;
  side: string | null;
  route: string | null;
  outAt: number | null;
  caughtAt: number | null;
  margin: number | null;
  completion: number;
  /**
   * chance of success by down and distance, 0 to 1
   */
  chance: number;
  gain: number;
  why: string;
  /**
   * the read that would have been live had this one been taken away
   */
  next: string | null;
  /**
   * gap or alley of a run
   */
  where?: string;
  /**
   * the first free man and where he meets the carrier, yards
   */
  firstFree?: null | {
    defender: string;
    atYd: number;
    xYd: number;
  };
  acts: string[];
}
export interface LineCall {
  from: string;
  to: string;
  say: string;
  changes: string;
}
export interface AssignmentRow {
  man: string;
  job: string;
  target: string | null;
  makeable: boolean | null;
  why: string | null;
  first?: string | null;
  partner?: string | null;
  verb?: string | null;
  step?: string | null;
  aim?: string | null;
  /**
   * angle and count of the first steps, where the trade has one
   */
  count?: string | null;
  /**
   * whom he looks at
   */
  eyes?: string | null;
  branches?: BranchRow[];
}
export interface BranchRow {
  if: string;
  then: string;
  defender: string | null;
  /**
   * the look in which the defender does it, to be tried
   */
  look: {} | null;
}
export interface Compared {
  /**
   * the run it fakes, or the card it is built from
   */
  with: string;
  men: ComparedMan[];
}
export interface ComparedMan {
  man: string;
  there: string;
  here: string;
  same: boolean;
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
  /**
   * best of the rule-true play inside the slot, seconds; null when it cannot be thrown
   */
  margin: number | null;
  windows: number[][];
  /**
   * the route as called, where what he sees made another of it
   */
  called: string | null;
  /**
   * who has him when everybody plays his rule
   */
  shutBy: string | null;
}
export interface FindingRow {
  code: string;
  severity: "info" | "caution" | "fault";
  man?: string | null;
  text: string;
  rule?: string;
  fix?: string;
  move?: Move;
  apply?: Fix;
}
export interface Move {
  man: string;
  xYd: number;
  yYd: number;
}
export interface Fix {
  do: "move" | "sound" | "to" | "still" | "unroute" | "number";
  man: string;
  xYd?: number;
  yYd?: number;
  word?: string | null;
  last?: boolean;
}
export interface TempoRow {
  drop: string;
  setAt: number;
  hitches: number[];
  rushAt: number;
  outAt: number | null;
  caughtAt: number | null;
  /**
   * letter of who throws
   */
  passer: string;
}
export interface PressRow {
  man: string;
  defender: string;
  cushionYd: number;
  leverage: "inside" | "outside" | "head up" | "none";
  purpose: "vertical" | "break" | "stop";
  aim: "left" | "right";
  aimYd: number;
  steps: string;
  reads: string;
  finish: string;
  reaction: string | null;
  reactions: PressReaction[];
}
export interface PressReaction {
  name: string;
  answer: string;
  pastAt: number;
  breakAt: number;
}
export interface ReadState1 {
  man: string;
  state: "live" | "dead";
  margin: number | null;
  killedBy: string | null;
}
export interface BaseRun {
  run: string | null;
  verdict: string | null;
  gain: number | null;
  margin: number | null;
  why: string;
}
/**
 * A staff's book: its letters, cadence and aliases, what it chose where staffs disagree, values where no common one exists, families and sets of its own.
 */
export interface BookDocument {
  kind: "jacotaxis.book";
  version: 1;
  /**
   * the staff's letter by the letter of the sets
   */
  letters: {
    X: string;
    Z: string;
    H: string;
    Y: string;
    R: string;
    F: string;
  };
  /**
   * backs and tight ends in two figures by the staff's name
   */
  groups?: {
    [k: string]: string;
  };
  /**
   * the school of technique names
   */
  techniques: "inside eye" | "count out";
  cadence: {
    /**
     * @minItems 2
     * @maxItems 8
     */
    words: string[];
    beatS: number;
    soundS: number;
  };
  /**
   * @maxItems 400
   */
  aliases?: BookAlias[];
  /**
   * @maxItems 400
   */
  settings?: BookSetting[];
  /**
   * @maxItems 400
   */
  values?: BookValue[];
  /**
   * @maxItems 400
   */
  families?: BookFamily[];
  /**
   * @maxItems 400
   */
  sets?: BookSet[];
}
export interface BookAlias {
  alias: string;
  /**
   * words of the language, or nothing: a word without a meaning is kept and never guessed
   */
  word: string;
  /**
   * who owns the entry
   */
  owner?: string;
  /**
   * the day it was last changed
   */
  on?: string;
}
export interface BookSetting {
  id: string;
  choice: "A" | "B" | "C";
  /**
   * who owns the entry
   */
  owner?: string;
  /**
   * the day it was last changed
   */
  on?: string;
}
export interface BookValue {
  id: string;
  value: number;
  /**
   * who owns the entry
   */
  owner?: string;
  /**
   * the day it was last changed
   */
  on?: string;
}
export interface BookFamily {
  name: string;
  /**
   * route by receiver number: "~dig 12 across"
   */
  front: {
    [k: string]: string;
  };
  back?: string | null;
  /**
   * @maxItems 5
   */
  reads: string[];
  /**
   * how the routes are said
   */
  said?: string;
  /**
   * how the read is said
   */
  read?: string;
  /**
   * the protection that goes with it
   */
  protection?: string;
  /**
   * who owns the entry
   */
  owner?: string;
  /**
   * the day it was last changed
   */
  on?: string;
}
export interface BookSet {
  name: string;
  formation: FormationDocument;
  /**
   * who owns the entry
   */
  owner?: string;
  /**
   * the day it was last changed
   */
  on?: string;
}
/**
 * A drill card: who, with what, where, on which cue, and what it cures. Yards across (positive to the right) and downfield from the spot of the drill; minutes.
 */
export interface DrillDocument {
  kind: "jacotaxis.drill";
  version: 1;
  name: string;
  group: string;
  purpose: string;
  /**
   * Minutes a group needs for it.
   */
  minutes: number;
  /**
   * Whether men meet at speed.
   */
  contact: boolean;
  /**
   * @minItems 1
   * @maxItems 22
   */
  men: {
    letter: string;
    role: string;
  }[];
  /**
   * @maxItems 12
   */
  equipment: string[];
  /**
   * @maxItems 40
   */
  cones: {
    xYd: number;
    yYd: number;
    label?: string;
  }[];
  /**
   * @maxItems 20
   */
  bags: {
    xYd: number;
    yYd: number;
    label?: string;
  }[];
  /**
   * @minItems 1
   * @maxItems 22
   */
  paths: {
    man: string;
    /**
     * The flight of a ball he throws.
     */
    ball?: boolean;
    /**
     * @minItems 1
     * @maxItems 30
     */
    points: {
      xYd: number;
      yYd: number;
      foot?: "left" | "right";
      count?: number;
    }[];
  }[];
  coach: {
    xYd: number;
    yYd: number;
    label?: string;
  };
  start: string;
  finish: string;
  tempo: string;
  rotation: string;
  /**
   * @maxItems 6
   */
  cues: string[];
  /**
   * @maxItems 12
   */
  variants: {
    who: string;
    does: string;
  }[];
  /**
   * @maxItems 12
   */
  faults: string[];
  caution: string | null;
}
