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
