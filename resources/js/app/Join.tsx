import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { api } from '../api/client';
import { reason } from '../api/problems';
import type { Session } from '../api/types';
import { Button } from '../ui/Button';
import { Door, DOOR_FIELD } from './Door';

/** Whoever opens his link sets his own password and is in. */
export function Join({ token }: { token: string }) {
    const client = useQueryClient();
    const [problem, setProblem] = useState('');
    const who = useQuery({
        queryKey: ['join', token],
        queryFn: () => api.get<{ name: string; email: string }>(`join/${token}`),
        retry: false,
    });
    const submit = async (e: FormEvent<HTMLFormElement>) => {
        e.preventDefault();
        setProblem('');
        const password = String(new FormData(e.currentTarget).get('password'));
        try {
            const session = await api.post<Session>(`join/${token}`, { password });
            window.history.replaceState(null, '', '/');
            client.setQueryData(['session'], session);
        } catch (e) {
            setProblem(reason(e, 'The password was not set.'));
        }
    };
    if (who.isPending) return null;
    return (
        <Door onSubmit={submit}>
            {who.isError ? (
                <p role="alert" className="mt-4">
                    {reason(who.error, 'The link was not opened.')}
                </p>
            ) : (
                <>
                    <p className="mt-1 mb-6 text-soft">Welcome, {who.data.name}. Choose your password.</p>
                    <input type="hidden" autoComplete="username" value={who.data.email} readOnly />
                    <label className="label block" htmlFor="password">
                        Password, ten signs or more
                    </label>
                    <input
                        id="password"
                        name="password"
                        type="password"
                        autoComplete="new-password"
                        required
                        autoFocus
                        className={`${DOOR_FIELD} mb-2`}
                    />
                    <p className="mb-4 text-[13px] text-soft">
                        Three or four words that do not belong together are easy to keep and hard to guess.
                    </p>
                    <div role="alert" className="mb-3 min-h-5 text-sm text-ball">
                        {problem}
                    </div>
                    <Button kind="strong" type="submit" className="w-full py-2">
                        Come in
                    </Button>
                </>
            )}
        </Door>
    );
}
