import { useEffect, useState } from 'react';
import type { Angle, ReviewStep } from '../../api/types';
import type { Player } from '../usePlayer';

type Room = {
    steps: ReviewStep[];
    /** Angles with film. */
    angles: Angle[];
    /** The clip that is shown. */
    clip: string | null;
    player: Player;
    setAngle: (angle: Angle) => void;
    onStep: () => void;
};

/** Walks the order of the review: each step has the angle it is seen from, and there the range or the picture it speaks of. */
export function useReview({ steps, angles, clip, player, setAngle, onStep }: Room) {
    const [at, setAt] = useState<number | null>(null);
    const onAt = (n: number) => {
        const to = steps.length === 0 ? 0 : n % steps.length;
        const seen = steps[to]?.angle;
        onStep();
        if (seen && angles.includes(seen)) setAngle(seen);
        setAt(to);
    };
    useEffect(() => {
        const s = at === null ? undefined : steps[at];
        if (!s || s.fromS === null || !clip) return;
        player.setRange(s.fromS, s.toS ?? s.fromS, s.rate);
        if (s.toS === null) player.seek(s.fromS);
    }, [at, clip, steps.length > 0]); // eslint-disable-line
    const walk = (by: number) => onAt((at ?? (by > 0 ? -1 : steps.length)) + by + steps.length);
    return { steps, at, onAt, walk };
}
