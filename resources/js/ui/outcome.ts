import type { OutcomeRow } from '../api/types';
import { marginOr, plain } from './words';

/** Whether the offense wins: an open throw, or a carrier free for the down. */
export const wins = (o: Pick<OutcomeRow, 'action' | 'margin'>): boolean =>
    o.margin !== null &&
    (o.action === 'throw' ? o.margin >= 0.15 : ['give', 'pull', 'keep', 'pitch'].includes(o.action) && o.margin >= 0);

/** What an outcome gives in a few words: "Z corner +0.23 s", "give R, 6.1 yd". */
export const outcomeWords = (o: OutcomeRow): string => {
    if (o.action === 'throw') return `${o.man} ${o.route ?? o.where ?? ''} ${marginOr(o.margin, '')}`;
    return ['give', 'pull', 'keep', 'pitch'].includes(o.action)
        ? `${o.action} ${o.man}, ${plain(o.gain)} yd`
        : o.action;
};
