import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import { CALLS } from '../api/useCalls';
import { LOOKS } from '../api/useLooks';
import type { Kind } from '../api/useThrowAway';
import { useWrite } from '../api/useWrite';
import { askYes } from '../ui/window/asking';
import { Button } from '../ui/Button';
import { dateWords } from '../ui/words';

type Thing = { kind: Kind; id: string; name: string; at: string };

const KINDS: Record<Kind, string> = {
    call: 'Call',
    look: 'Look',
    practice: 'Practice',
    trigger: 'Trigger',
    film: 'Reel',
    snap: 'Snap',
    clip: 'Film',
};

/** Calls, looks, practices, triggers and film that were thrown away: taken back, or deleted for good. */
export function ThrownAway() {
    const list = useQuery({
        queryKey: ['thrown away'],
        queryFn: () => api.get<{ things: Thing[] }>('thrown-away'),
    });
    const asksAgain = [['thrown away'], CALLS, LOOKS, ['practices'], ['own triggers'], ['reels'], ['reel']];
    const back = useWrite<Thing>({
        send: (t) => api.post(`thrown-away/${t.kind}/${t.id}`, {}),
        otherwise: 'It was not taken back.',
        asksAgain,
    });
    const forGood = useWrite<Thing>({
        send: (t) => api.remove(`thrown-away/${t.kind}/${t.id}`),
        otherwise: 'It was not deleted.',
        asksAgain,
    });
    const things = list.data?.things ?? [];
    if (things.length === 0) return null;
    const sure = async (t: Thing) => {
        const yes = await askYes({
            title: `Delete ${t.name} for good? It cannot be taken back after that.`,
            yes: 'Delete for good',
        });
        if (yes) void forGood.write(t);
    };
    return (
        <section className="mt-8 max-w-4xl" aria-label="Thrown away">
            <h2 className="mb-1 border-b-2 border-ink text-base font-bold">Thrown away</h2>
            <ul className="text-sm">
                {things.map((t) => (
                    <li key={t.kind + t.id} className="flex flex-wrap items-baseline gap-3 border-b border-faint py-1">
                        <span className="w-20 text-soft">{KINDS[t.kind]}</span>
                        <b className="min-w-0 flex-1 font-semibold">{t.name}</b>
                        <span className="text-soft">{dateWords(t.at)}</span>
                        <Button disabled={back.busy} onClick={() => void back.write(t)}>
                            Take back
                        </Button>
                        <Button kind="quiet" disabled={forGood.busy} onClick={() => void sure(t)}>
                            Delete for good
                        </Button>
                    </li>
                ))}
            </ul>
        </section>
    );
}
