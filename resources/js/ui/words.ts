/** Seconds with a sign, as margins are told. */
export const margin = (s: number): string => `${s >= 0 ? '+' : '−'}${Math.abs(s).toFixed(2)} s`;

/** A margin that may not be there: no ball is thrown. */
export const marginOr = (s: number | null, none: string): string => (s === null ? none : margin(s));

/** What the seconds to spare of a verdict are called: where nothing answers they are only the best there was. */
export const strengthWord = (verdict: string): string => (verdict === 'covered' ? 'best there was' : 'strength');

/** Chances of success from the worst to the one by rule: "51–58 %", or one number where they are the same. */
export function chances(worth: { byRule: { chance: number }; worst: { chance: number } }, unit = ' %'): string {
    const [low, high] = [worth.worst.chance, worth.byRule.chance].map((c) => Math.round(c * 100)).sort((a, b) => a - b);
    return low === high ? `${high}${unit}` : `${low}–${high}${unit}`;
}

/** A chance of success as a whole percentage. */
export const chance = (share: number): string => `${Math.round(share * 100)} %`;

/** Whether a call is good: bound or open. */
export const isGood = (verdict: string): boolean => verdict === 'bound' || verdict === 'open';

/** A signed error in its unit. */
export const error = (value: number, unit: string): string => {
    const size = Math.abs(value).toFixed(unit === 's' ? 2 : 1);
    const sign = Number(size) === 0 ? '' : value > 0 ? '+' : '−';
    return `${sign}${size} ${unit}`;
};

/** A number without needless zeros. */
export const plain = (value: number): string => String(Math.round(value * 100) / 100);

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** The yard line a field Y is on, as coaches call it. */
export const yardLine = (y: number): string => (y === 50 ? 'the 50' : y < 50 ? `own ${y}` : `their ${100 - y}`);

/** "Tue, Oct 6" of "2026-10-06". */
export const dayWords = (date: string): string =>
    new Date(`${date}T12:00`).toLocaleDateString('en-US', { weekday: 'short', month: 'short', day: 'numeric' });

/** "Nov 30, 2026" of a moment. */
export const dateWords = (at: string): string =>
    new Date(at).toLocaleDateString('en-US', { day: 'numeric', month: 'short', year: 'numeric' });
