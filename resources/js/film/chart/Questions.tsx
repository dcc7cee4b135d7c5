import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { toast } from 'sonner';
import { api } from '../../api/client';
import type { Question, Snap } from '../../api/types';
import { openSnap, useFilm } from '../../model/filmStore';
import { useWrite } from '../../api/useWrite';

type Open = Question & { snap: string; number: number; version: number };

/** What the reel leaves open, settled here without doing a mark again; who settled it when stays with the snap. */
export function Questions({ reelId, men, onOpen }: { reelId: string; men: string[]; onOpen: (snap: string) => void }) {
    const list = useQuery({
        queryKey: ['reel', reelId, 'questions'],
        queryFn: () => api.get<{ questions: Open[] }>(`reels/${reelId}/questions`),
    });
    const { write } = useWrite({
        send: ({ q, answer }: { q: Open; answer: string }) =>
            api.post<Snap>(`snaps/${q.snap}/settle`, { id: q.id, answer }, undefined, q.version),
        otherwise: 'Not settled.',
        done: (settled, { q, answer }) => {
            const { snap } = useFilm.getState();
            if (snap?.id === q.snap) openSnap({ ...snap, ...settled });
            toast(`Settled: ${answer}`);
        },
        asksAgain: [['reel']],
    });
    const settle = (q: Open, answer: string) => {
        const now = useFilm.getState();
        if (now.snap?.id === q.snap && now.document !== now.snap.document) {
            return toast('Save this snap first, then settle its questions.');
        }
        return write({ q, answer });
    };
    const open = list.data?.questions ?? [];
    return (
        <div className="min-h-0 flex-1 overflow-y-auto px-3 py-2" tabIndex={0} aria-label="Open questions">
            {open.length === 0 && (
                <p className="text-sm text-soft">
                    Nothing is open. A man, a call, a look or an owner may stay unknown while you work; it is asked
                    here.
                </p>
            )}
            <ul className="space-y-2">
                {open.map((q) => (
                    <li key={`${q.snap}${q.id}`} className="rounded-md border border-edge p-2 text-sm">
                        <button type="button" className="font-semibold underline" onClick={() => onOpen(q.snap)}>
                            Snap {q.number}
                        </button>{' '}
                        {q.text}
                        <Answer q={q} men={men} onAnswer={(a) => void settle(q, a)} />
                    </li>
                ))}
            </ul>
        </div>
    );
}

const OWNERS = ['player', 'partner', 'call', 'formation', 'staff', 'opponent'];

function Answer({ q, men, onAnswer }: { q: Open; men: string[]; onAnswer: (answer: string) => void }) {
    const [text, setText] = useState('');
    if (q.kind === 'call' || q.kind === 'look') {
        return (
            <input
                aria-label={q.text}
                value={text}
                placeholder={q.kind === 'call' ? 'gun 2x2 right: smash right' : '4-2 nickel, cover 2'}
                onChange={(e) => setText(e.target.value)}
                onKeyDown={(e) => e.key === 'Enter' && text.trim() && onAnswer(text.trim())}
                className="mt-1 w-full rounded border border-edge bg-paper px-2 py-1"
            />
        );
    }
    const answers = q.kind === 'man' ? men : q.kind === 'owner' ? OWNERS : ['yes', 'no'];
    return (
        <span className="mt-1 flex flex-wrap gap-1">
            {answers.map((a) => (
                <button
                    key={a}
                    type="button"
                    onClick={() => onAnswer(a)}
                    className="rounded border border-edge px-1.5 py-0.5 text-xs font-semibold narrow hover:border-ink"
                >
                    {a}
                </button>
            ))}
        </span>
    );
}
