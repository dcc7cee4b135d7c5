import { useIsMutating, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { api } from '../api/client';
import { useConnection } from '../api/connection';
import { useSession } from '../api/session';

/** How often a server that does not answer is asked again, milliseconds. */
const AGAIN_MS = 5_000;

/** Says that the server does not answer, and asks it until it does; leaving the page while something is saved is asked. */
export function Connection() {
    const lost = useConnection((s) => s.lost);
    const { staff } = useSession();
    const saving = useIsMutating() > 0;
    const client = useQueryClient();
    const wasLost = useRef(false);
    useEffect(() => {
        // What was not answered in the meantime is asked again.
        if (wasLost.current && !lost) void client.invalidateQueries();
        wasLost.current = lost;
    }, [lost, client]);
    useEffect(() => {
        if (!lost) return;
        const timer = setInterval(() => void api.get('session').catch(() => undefined), AGAIN_MS);
        return () => clearInterval(timer);
    }, [lost]);
    useEffect(() => {
        if (!saving) return;
        const stay = (e: BeforeUnloadEvent) => e.preventDefault();
        window.addEventListener('beforeunload', stay);
        return () => window.removeEventListener('beforeunload', stay);
    }, [saving]);
    if (lost) {
        return (
            <p role="alert" className="no-print bg-ink px-4 py-1.5 text-center text-sm font-semibold text-paper">
                {staff
                    ? 'The server does not answer. What you change stays on this screen and is not saved until it does; ' +
                      'it is asked again every few seconds.'
                    : 'No network. This is what was here last; what you answer waits on this phone.'}
            </p>
        );
    }
    return (
        <p role="status" className="sr-only">
            {saving ? 'Saving' : ''}
        </p>
    );
}
