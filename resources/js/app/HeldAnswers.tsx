import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { toast } from 'sonner';
import { api, Problem } from '../api/client';
import { useConnection } from '../api/connection';
import { useSession } from '../api/session';
import { sendHeld, useHeldAnswers, type HeldAnswer } from '../model/heldAnswers';

/** Sends a player's answers that wait on his phone: when he comes in, and when the network is there again. */
export function HeldAnswers() {
    const player = useSession().playerId;
    const lost = useConnection((s) => s.lost);
    const waits = useHeldAnswers((s) => s.held.some((one) => one.player === player));
    const client = useQueryClient();
    useEffect(() => {
        if (!player || lost || !waits) return;
        void sendHeld(player, send).then((kept) => {
            if (kept === 0) return;
            toast(kept === 1 ? 'One answer that waited is sent' : `${kept} answers that waited are sent`);
            void client.invalidateQueries({ queryKey: ['player'] });
        });
    }, [player, lost, waits, client]);
    return null;
}

async function send({ player, question, answer, tookS, at }: HeldAnswer): Promise<'kept' | 'refused' | 'no network'> {
    try {
        await api.post(`players/${player}/reps/${question}`, { answer, tookS, at });
        return 'kept';
    } catch (e) {
        const isFinal =
            e instanceof Problem && e.status >= 400 && e.status < 500 && e.status !== 401 && e.status !== 419;
        if (!isFinal) return 'no network';
        toast(`An answer that waited was not taken: ${e.message}`);
        return 'refused';
    }
}
