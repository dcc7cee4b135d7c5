import { api } from '../api/client';
import type { Player } from '../api/types';
import { useWrite } from '../api/useWrite';
import { askWord } from '../ui/window/asking';
import { toast } from 'sonner';

/** What is kept about a man: handed over as a file, or erased for good once his name is said. */
export function Records({ player }: { player: Player }) {
    const { write, busy } = useWrite<string, null>({
        send: (name) => api.remove(`players/${player.id}`, { name }),
        otherwise: 'Nothing was erased.',
        done: () => toast(`${player.name} is erased`),
        asksAgain: [['players'], ['people']],
    });
    const erase = async () => {
        const name = await askWord({
            title: `Erase ${player.name} for good? His grades and his account go with him; nothing brings them back.`,
            label: 'Write his name to erase him',
            most: 120,
            yes: 'Erase him',
            no: 'Keep him',
        });
        if (name) void write(name);
    };
    return (
        <div className="flex flex-col items-start gap-1 py-1 text-[12px] narrow">
            <a className="underline" href={`/api/v1/players/${player.id}/records.json`} download>
                All of it (JSON)
            </a>
            <a className="underline" href={`/api/v1/players/${player.id}/records.csv`} download>
                Grades (CSV)
            </a>
            <button type="button" disabled={busy} className="font-semibold text-ball" onClick={() => void erase()}>
                Erase for good
            </button>
        </div>
    );
}
