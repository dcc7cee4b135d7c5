import { useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Drill, DrillRow } from '../api/drillTypes';
import { conflict } from '../api/problems';
import { DRILL_CARDS } from '../api/useDrillCards';
import { useWrite } from '../api/useWrite';

type Change = { row: Pick<DrillRow, 'id' | 'version'>; document: Drill };

const send = ({ row, document }: Change) =>
    row.id
        ? api.put<DrillRow>(`drills/${row.id}`, { document }, row.version ?? 1)
        : api.post<DrillRow>('drills', { document });

/** Changes to the staff's own cards; a card that ships is saved as one of the staff's own. */
export function useDrills() {
    const client = useQueryClient();
    const { write, busy } = useWrite<Change, DrillRow>({
        send,
        otherwise: 'The card was not saved.',
        stale: (e, mine) => {
            const onTop = { ...mine, row: { ...mine.row, version: Number(e.more.currentVersion) } };
            const again = () => client.invalidateQueries({ queryKey: DRILL_CARDS });
            conflict(
                e,
                { label: 'Keep mine', take: () => send(onTop).then(again, again) },
                { label: 'Take theirs', take: again },
            );
        },
        asksAgain: [DRILL_CARDS],
    });
    const { write: drop, busy: dropping } = useWrite<string>({
        send: (id) => api.remove(`drills/${id}`),
        otherwise: 'The card was not thrown away.',
        asksAgain: [DRILL_CARDS],
    });
    return {
        save: (row: DrillRow, document: Drill) => write({ row, document }),
        remove: (row: DrillRow) => drop(row.id ?? ''),
        busy: busy || dropping,
    };
}
