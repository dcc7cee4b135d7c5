/** Names of keys as they stand on a keyboard, where the name in code is another. */
const NAMES: Record<string, string> = {
    bracketleft: '[',
    bracketright: ']',
    slash: '/',
    comma: ',',
    period: '.',
    space: 'Space',
    escape: 'Esc',
    enter: 'Enter',
    backspace: 'Backspace',
    pagedown: 'Page down',
    pageup: 'Page up',
    down: '↓',
    up: '↑',
    equal: '+',
    add: '+',
    minus: '−',
    subtract: '−',
    mod: 'Ctrl',
    shift: 'Shift',
};

/** "mod+shift+z, mod+y" as a coach reads it: "Ctrl Shift Z or Ctrl Y"; figures in a row as a span. */
export function keyNames(keys: string): string {
    const each = keys.split(',').map((k) => k.trim());
    if (each.length > 3 && each.every((k) => /^\d$/.test(k))) return `${each[0]} to ${each.at(-1)}`;
    const named = each.map((k) =>
        k
            .split('+')
            .map((part) => NAMES[part] ?? part.toUpperCase())
            .join(' '),
    );
    return [...new Set(named.map((n) => (n === 'Shift +' ? '+' : n)))].join(' or ');
}
