import '../css/app.css';
import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { RouterProvider } from '@tanstack/react-router';
import { StrictMode, useEffect } from 'react';
import { createRoot } from 'react-dom/client';
import { Toaster } from 'sonner';
import { api, Problem } from './api/client';
import type { Session } from './api/types';
import { keepHere } from './app/keptHere';
import { router } from './app/router';
import { SessionContext } from './api/session';
import { Join } from './app/Join';
import { SignIn } from './app/SignIn';

const client = new QueryClient({
    // Asked without a network as well: what is kept on the phone answers then.
    defaultOptions: { queries: { networkMode: 'always', retry: 1, staleTime: 10_000, refetchOnWindowFocus: false } },
});

function Entry() {
    const session = useQuery({
        queryKey: ['session'],
        queryFn: () =>
            api
                .get<Session>('session')
                .catch((e: unknown) => (e instanceof Problem && e.status === 401 ? null : Promise.reject(e))),
        staleTime: Infinity,
    });
    const { data, isPending, isError, error } = session;
    useEffect(() => {
        if (!isPending) keepHere(data ?? null).catch(() => undefined);
    }, [data, isPending]);
    if (isPending) return null;
    if (isError) return <p className="p-8">{error.message}</p>;
    const token = location.pathname.match(/^\/join\/(\w+)$/)?.[1];
    if (token) return <Join token={token} />;
    if (!data) return <SignIn />;
    return (
        <SessionContext value={data}>
            <RouterProvider router={router} context={{ staff: data.staff }} />
        </SessionContext>
    );
}

createRoot(document.getElementById('root')!).render(
    <StrictMode>
        <QueryClientProvider client={client}>
            <Entry />
            {/* A note and its undo are reached over an open window as well. */}
            <Toaster
                position="bottom-center"
                className="pointer-events-auto"
                toastOptions={{ className: '!bg-ink !text-paper !border-0' }}
            />
        </QueryClientProvider>
    </StrictMode>,
);
