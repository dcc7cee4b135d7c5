import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from '@tanstack/react-router';
import { toast } from 'sonner';
import { api, Problem } from '../api/client';
import type { SavedCall } from '../api/types';
import { openCall, useBoard } from './store';

/** Saves the call on the board; a stale save shows both ways out and loses nothing. */
export function useSaving() {
    const client = useQueryClient();
    const navigate = useNavigate();
    const { id, name, version, document } = useBoard();
    const stale = (e: Problem) => {
        toast.error(e.message, {
            duration: Infinity,
            action: {
                label: 'Keep mine as a new call',
                onClick: () => (
                    useBoard.getState().fresh(useBoard.getState().document!, `${name} (mine)`),
                    toast('Press Save to keep it as a new call')
                ),
            },
            cancel: { label: 'Show theirs', onClick: () => openCall(e.more.theirs as SavedCall) },
        });
    };
    return async () => {
        if (!document) return;
        try {
            const done = id
                ? await api.put<SavedCall>(`calls/${id}`, { name, document }, version)
                : await api.post<SavedCall>('calls', { name: name || 'New call', document });
            useBoard.setState({ id: done.id, version: done.version, saved: document, name: done.name });
            await client.invalidateQueries({ queryKey: ['calls'] });
            void navigate({ to: '/board', search: { call: done.id }, replace: true });
            toast(`Saved ${done.name}, version ${done.version}`);
        } catch (e) {
            if (e instanceof Problem && e.status === 412) stale(e);
            else toast.error(e instanceof Problem ? e.message : 'Not saved.');
        }
    };
}
