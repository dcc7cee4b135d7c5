import { createContext, useContext } from 'react';
import type { Session } from './types';

export const SessionContext = createContext<Session | null>(null);

/** Who is signed in; only used inside the signed-in part of the application. */
export function useSession(): Session {
    const session = useContext(SessionContext);
    if (!session) throw new Error('useSession outside the signed-in application');
    return session;
}
