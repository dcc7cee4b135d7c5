import { useState, type FormEvent } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import { api } from '../api/client';
import { reason } from '../api/problems';
import type { Session } from '../api/types';
import { Button } from '../ui/Button';
import { Door, DOOR_FIELD } from './Door';

export function SignIn() {
    const client = useQueryClient();
    const [problem, setProblem] = useState('');
    const [busy, setBusy] = useState(false);
    const submit = async (e: FormEvent<HTMLFormElement>) => {
        e.preventDefault();
        const form = new FormData(e.currentTarget);
        setBusy(true);
        try {
            const session = await api.post<Session & { wrongSince: number }>('session', Object.fromEntries(form));
            client.setQueryData(['session'], session);
            if (session.wrongSince > 0) {
                toast(`${session.wrongSince} wrong passwords were tried for you since you last came in`, {
                    duration: 15_000,
                });
            }
        } catch (e) {
            setProblem(reason(e, 'The server does not answer.'));
        } finally {
            setBusy(false);
        }
    };
    return (
        <Door onSubmit={submit}>
            <p className="mt-1 mb-6 text-soft">Build the bind. Prove it, film it, grade it.</p>
            <label className="label block" htmlFor="email">
                Address
            </label>
            <input
                id="email"
                name="email"
                type="email"
                autoComplete="username"
                required
                autoFocus
                className={`${DOOR_FIELD} mb-4`}
            />
            <label className="label block" htmlFor="password">
                Password
            </label>
            <input
                id="password"
                name="password"
                type="password"
                autoComplete="current-password"
                required
                className={`${DOOR_FIELD} mb-5`}
            />
            <div role="alert" className="mb-3 min-h-5 text-sm text-ball">
                {problem}
            </div>
            <Button kind="strong" type="submit" disabled={busy} className="w-full py-2">
                Sign in
            </Button>
        </Door>
    );
}
