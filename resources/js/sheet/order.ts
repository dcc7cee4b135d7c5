/** A list with one of its things moved by so many places; at an end it stays. */
export function moved<T>(list: T[], from: number, by: number): T[] {
    const to = Math.min(list.length - 1, Math.max(0, from + by));
    if (from < 0 || to === from) return list;
    const rest = list.filter((_, n) => n !== from);
    return [...rest.slice(0, to), list[from], ...rest.slice(to)];
}
