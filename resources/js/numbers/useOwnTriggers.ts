import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { OwnTrigger, TriggerLists, TriggerSaid } from '../api/ownTriggerTypes';
import { useWrite } from '../api/useWrite';

const KEY = ['own triggers'];

/** The staff's own triggers and the lists they are made of; what is counted in a game follows a change. */
export function useOwnTriggers() {
    const lists = useQuery({ queryKey: KEY, queryFn: () => api.get<TriggerLists>('triggers') });
    const asksAgain = [KEY, ['reel']];
    const { write, busy } = useWrite<{ own: OwnTrigger | null; said: TriggerSaid }, OwnTrigger>({
        send: ({ own, said }) => (own ? api.put(`triggers/${own.id}`, said, own.version) : api.post('triggers', said)),
        otherwise: 'The trigger was not kept.',
        asksAgain,
    });
    const { write: drop, busy: dropping } = useWrite<string>({
        send: (id) => api.remove(`triggers/${id}`),
        otherwise: 'The trigger was not thrown away.',
        asksAgain,
    });
    return {
        lists: lists.data ?? null,
        keep: (own: OwnTrigger | null, said: TriggerSaid) => write({ own, said }),
        drop,
        busy: busy || dropping,
    };
}
