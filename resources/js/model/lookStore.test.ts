import { describe, expect, it } from 'vitest';
import type { LookDocument } from '../api/types';
import { changing, restored } from './lookStore';

describe('a look changed by hand', () => {
    const look: LookDocument = { kind: 'jacotaxis.look', version: 1, front: '4-2 nickel', shell: 'cover 3' };
    it('adds to what is changed of a man already, and takes it back', () => {
        const once = changing(look, 'mike', { walked: true });
        const twice = changing(once, 'mike', { reactionS: 0.4 });
        expect(twice.changes).toEqual([{ defender: 'mike', walked: true, reactionS: 0.4 }]);
        expect(restored(changing(twice, 'will', { walked: true }), 'mike').changes).toEqual([
            { defender: 'will', walked: true },
        ]);
        expect(look.changes).toBeUndefined();
    });
});
