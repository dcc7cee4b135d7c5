import type { Vocabulary } from '../api/types';

/** Words that may come next, by where the line is: the formation before the colon, routes after a man, families else. */
export function completions(text: string, v: Vocabulary): string[] {
    const word = (text.match(/[\w#-]*$/)?.[0] ?? '').toLowerCase();
    if (word === '') return [];
    const before = text.slice(0, text.length - word.length);
    const afterMan = /(?:^|[;:,\s])(?:[XYZHRF]|#\d(?:\s+(?:left|right))?)(?:\s+check)?\s+$/i.test(before);
    const pool = !before.includes(':')
        ? [...v.quarterbacks, ...v.sets, 'left', 'right', 'quick', 'three', 'five']
        : afterMan
          ? v.routes.map((r) => r.name)
          : [...v.families, 'read', 'key', 'both', 'left', 'right', 'clear', 'alert', 'check'];
    return pool.filter((w) => w.startsWith(word) && w !== word).slice(0, 6);
}
