import { useSearch } from '@tanstack/react-router';
import { useSession } from '../api/session';
import { Standing } from './Standing';
import { Today } from './Today';

/** A player's questions of the day; the staff sees how its men stand, and may try a man's questions. */
export function Reps() {
    const session = useSession();
    const { player } = useSearch({ from: '/reps' });
    if (session.staff) return player ? <Today key={player} player={player} /> : <Standing />;
    return session.playerId ? (
        <Today player={session.playerId} />
    ) : (
        <p className="p-8 text-soft">No page belongs to this sign-in. Ask the coordinator to tie it to a player.</p>
    );
}
