import { useQueryClient, type QueryKey } from '@tanstack/react-query';
import { toast } from 'sonner';
import { api } from './client';
import { useWrite } from './useWrite';

export type Kind = 'call' | 'look' | 'practice' | 'trigger' | 'film' | 'snap' | 'clip';

type Thing = { id: string; name: string };

/** What is thrown away of a kind, and taken back at once by "Undo" or later under People. */
export function useThrowAway(kind: Kind, lists: readonly QueryKey[]) {
    const client = useQueryClient();
    const asksAgain = [...lists, ['thrown away']];
    const { write: back } = useWrite<Thing>({
        send: ({ id }) => api.post(`thrown-away/${kind}/${id}`, {}),
        otherwise: 'It was not taken back.',
        asksAgain,
    });
    const { write, busy } = useWrite<Thing>({
        send: ({ id }) => api.remove(`${PLACE[kind]}/${id}`),
        otherwise: 'It was not thrown away.',
        done: async (_, thing) => {
            await Promise.all(lists.map((queryKey) => client.invalidateQueries({ queryKey })));
            toast(`Thrown away: ${thing.name}`, { action: { label: 'Undo', onClick: () => void back(thing) } });
        },
        asksAgain,
    });
    return { throwAway: (thing: Thing) => write(thing), busy };
}

const PLACE: Record<Kind, string> = {
    call: 'calls',
    look: 'looks',
    practice: 'practices',
    trigger: 'triggers',
    film: 'reels',
    snap: 'snaps',
    clip: 'clips',
};
