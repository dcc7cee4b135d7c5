import { useNavigate, useSearch } from '@tanstack/react-router';
import type { ScoutIndex, ScoutPage } from '../api/scoutTypes';
import { useScouted, useScoutPage } from '../api/useScout';
import { ClipPage, type Watch } from '../picture/ClipPage';
import { Select } from '../ui/Select';
import { Habits } from './Habits';
import { Keys } from './Keys';
import { Shares } from './Shares';
import { Shelf } from './Shelf';
import { Tells } from './Tells';

/** What an opponent's charted film says of his defense. */
export function Scout() {
    const scouted = useScouted();
    const wanted = useSearch({ from: '/scout' }).opponent;
    const opponents = scouted.data?.opponents ?? [];
    const opponent = opponents.find((o) => o.name === wanted)?.name ?? opponents[0]?.name ?? '';
    const page = useScoutPage(opponent);
    const navigate = useNavigate();
    const head = (
        <>
            <Select
                aria-label="Opponent"
                value={opponent}
                onChange={(e) => void navigate({ to: '/scout', search: { opponent: e.target.value } })}
                className="font-semibold"
            >
                {opponents.map((o) => (
                    <option key={o.name} value={o.name}>
                        {o.name}
                    </option>
                ))}
            </Select>
            {page.data && <Film page={page.data} />}
        </>
    );
    return (
        <ClipPage title="Scout" head={head}>
            {({ open }) => (
                <>
                    {scouted.data && opponents.length === 0 && <Nobody />}
                    {scouted.data && page.data && <Found page={page.data} asked={scouted.data} onOpen={open} />}
                </>
            )}
        </ClipPage>
    );
}

/** The games it stands on. */
function Film({ page }: { page: ScoutPage }) {
    return (
        <p className="text-sm text-soft">
            {page.snaps} {page.snaps === 1 ? 'snap' : 'snaps'} of {page.games.length}{' '}
            {page.games.length === 1 ? 'game' : 'games'}: {page.games.map((g) => `${g.title} (${g.snaps})`).join(', ')}
        </p>
    );
}

function Nobody() {
    return (
        <p className="max-w-prose px-5 py-4 text-soft">
            No game of an opponent is charted yet. Start a reel with his name in the film room, “theirs” where it is
            another offense on the film, and chart front and coverage of each snap: everything here is counted from
            that.
        </p>
    );
}

type FoundProps = { page: ScoutPage; asked: ScoutIndex; onOpen: Watch['open'] };

function Found({ page, asked, onOpen }: FoundProps) {
    return (
        <div className="space-y-5 px-5 py-3">
            <div className="grid gap-x-8 gap-y-5 lg:grid-cols-2">
                <Habits habits={page.habits} onOpen={onOpen} />
                <Tells tells={page.tells} onOpen={onOpen} />
            </div>
            <Shares key={page.opponent} opponent={page.opponent} asked={asked} onOpen={onOpen} />
            <div className="grid gap-x-8 gap-y-5 lg:grid-cols-2">
                <Shelf page={page} />
                <Keys keys={page.keys} few={asked.few} onOpen={onOpen} />
            </div>
        </div>
    );
}
