import type { Period } from '../api/practiceTypes';

/** When each period begins, "15:45", from the start of the practice. */
export function starts(startsAt: string, periods: Pick<Period, 'minutes'>[]): string[] {
    const [hours, minutes] = startsAt.split(':').map(Number);
    let at = hours * 60 + minutes;
    return periods.map((p) => {
        const said = `${Math.floor(at / 60) % 24}:${String(at % 60).padStart(2, '0')}`;
        at += p.minutes;
        return said;
    });
}

/** Periods in which plays of the book are run. */
export const hasScript = (kind: Period['kind']): boolean => kind !== 'individual' && kind !== 'group';

/** Periods in which men go at one another at full speed where nobody says otherwise. */
export const isContact = (kind: Period['kind']): boolean => kind === 'inside run' || kind === 'team';

/** "Tue, Oct 6" of "2026-10-06". */
export const dayOf = (date: string): string =>
    new Date(`${date}T12:00`).toLocaleDateString('en-US', { weekday: 'short', month: 'short', day: 'numeric' });
