import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from '@tanstack/react-router';
import { useState } from 'react';
import { toast } from 'sonner';
import { api, Problem } from '../api/client';
import type { SavedCall } from '../api/types';
import { openCall, useBoard } from '../model/callStore';
import { conflict, isStale, refused } from '../api/problems';

/**
 * Saves the call on the board; a stale save shows both ways out and loses nothing. A call that was said over a saved one is
 * not saved over it before the coach has said so: `asking` is open until then. With a new name it is a new call.
 */
export function useSaving() {
    const client = useQueryClient();
    const navigate = useNavigate();
    const { name, savedName, saidOver } = useBoard();
    const [asking, setAsking] = useState(false);
    const stale = (e: Problem) => {
        conflict(
            e,
            {
                label: 'Keep mine as a new call',
                take: () => (
                    useBoard.getState().fresh(useBoard.getState().document!, `${name} (mine)`),
                    toast('Press Save to keep it as a new call')
                ),
            },
            { label: 'Show theirs', take: () => openCall(e.more.theirs as SavedCall) },
        );
    };
    const keep = async () => {
        const { id, name, version, document } = useBoard.getState();
        if (!document) return;
        try {
            const done = id
                ? await api.put<SavedCall>(`calls/${id}`, { name, document }, version)
                : await api.post<SavedCall>('calls', { name: name || 'New call', document });
            useBoard.setState({
                id: done.id,
                version: done.version,
                saved: document,
                name: done.name,
                savedName: done.name,
                saidOver: null,
            });
            await client.invalidateQueries({ queryKey: ['calls'] });
            void navigate({ to: '/board', search: { call: done.id }, replace: true });
            toast(`Saved ${done.name}, version ${done.version}`);
        } catch (e) {
            if (isStale(e)) stale(e);
            else refused(e, 'Not saved.', keep);
        }
    };
    const asNew = (own: string) => {
        useBoard.getState().fresh(useBoard.getState().document!, own);
        return keep();
    };
    return {
        save: async () => {
            if (saidOver === null) await keep();
            else if (name !== savedName) await asNew(name);
            else setAsking(true);
        },
        asking: {
            open: asking,
            name,
            words: saidOver ?? '',
            onCancel: () => setAsking(false),
            onOver: () => (setAsking(false), void keep()),
            onNew: (own: string) => (setAsking(false), void asNew(own)),
        },
    };
}
