import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { OwnTrigger, TriggerLists, TriggerSaid } from '../api/ownTriggerTypes';
import { useThrowAway } from '../api/useThrowAway';
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
    const { throwAway, busy: dropping } = useThrowAway('trigger', asksAgain);
    return {
        lists: lists.data ?? null,
        keep: (own: OwnTrigger | null, said: TriggerSaid) => write({ own, said }),
        drop: (own: OwnTrigger) => throwAway({ id: own.id, name: own.document.name }),
        busy: busy || dropping,
    };
}
