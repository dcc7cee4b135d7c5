import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { toast } from 'sonner';
import { api } from '../api/client';
import type { Player } from '../api/types';
import { useWrite } from '../api/useWrite';
import { askYes } from '../ui/window/asking';
import { Button } from '../ui/Button';
import { Select } from '../ui/Select';
import { dateWords } from '../ui/words';
import { Keeping } from './Keeping';
import { ThrownAway } from './ThrownAway';

export type Person = {
    id: string;
    name: string;
    email: string;
    role: string;
    playerId: string | null;
    state: 'in' | 'has a link' | 'link ran out' | 'shut out';
    signedInAt: string | null;
};
type Linked = { person: Person; link: string };

const ROLES = ['coordinator', 'position coach', 'player'];

/** Who may come in: invite, give a role, send a new link, shut out. */
export function People() {
    const [linked, setLinked] = useState<Linked | null>(null);
    const list = useQuery({ queryKey: ['people'], queryFn: () => api.get<{ people: Person[] }>('people') });
    const again = useWrite({
        send: (p: Person) => api.post<Linked>(`people/${p.id}/link`, {}),
        otherwise: 'No link was made.',
        done: setLinked,
        asksAgain: [['people']],
    });
    const change = useWrite({
        send: ({ id, ...what }: { id: string; role?: string; disabled?: boolean; player_id?: string | null }) =>
            api.patch<Person>(`people/${id}`, what),
        otherwise: 'Nothing was changed.',
        asksAgain: [['people']],
    });
    const newLink = async (p: Person) => {
        const sure =
            p.state !== 'in' ||
            (await askYes({
                title: `A new link for ${p.name}? His password and all his sessions end.`,
                yes: 'Make the link',
            }));
        if (sure) await again.write(p);
    };
    return (
        <section className="h-full overflow-y-auto px-5 py-4">
            <h1 className="mb-1 text-[19px] font-semibold">People</h1>
            <p className="mb-3 max-w-[70ch] text-[13px] text-soft">
                Whoever comes in sets his own password by a link. It is shown once, is good for a week and for one use:
                give it to him yourself.
            </p>
            {linked && <LinkShown {...linked} onDone={() => setLinked(null)} />}
            <table className="w-full max-w-4xl text-[13px]">
                <thead>
                    <tr className="label text-left">
                        {['Name', 'Address', 'Role', 'Is', 'Last in', ''].map((h) => (
                            <th key={h} className="pr-3 pb-1 font-semibold">
                                {h}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {(list.data?.people ?? []).map((p) => (
                        <tr key={p.id} className="border-t border-faint">
                            <td className="py-2 pr-3 font-semibold">{p.name}</td>
                            <td className="py-2 pr-3">{p.email}</td>
                            <td className="py-1 pr-3">
                                {p.role === 'player' ? (
                                    'player'
                                ) : (
                                    <Select
                                        aria-label={`Role of ${p.name}`}
                                        value={p.role}
                                        onChange={(e) => void change.write({ id: p.id, role: e.target.value })}
                                    >
                                        {ROLES.slice(0, 2).map((r) => (
                                            <option key={r}>{r}</option>
                                        ))}
                                    </Select>
                                )}
                            </td>
                            <td className="py-2 pr-3">{p.state}</td>
                            <td className="py-2 pr-3">{p.signedInAt ? dateWords(p.signedInAt) : 'never'}</td>
                            <td className="py-1 text-right whitespace-nowrap">
                                {p.state !== 'shut out' && (
                                    <Button kind="quiet" onClick={() => void newLink(p)}>
                                        New link
                                    </Button>
                                )}
                                <Button
                                    kind="quiet"
                                    onClick={() => void change.write({ id: p.id, disabled: p.state !== 'shut out' })}
                                >
                                    {p.state === 'shut out' ? 'Let in again' : 'Shut out'}
                                </Button>
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <Invite onInvited={setLinked} />
            <ThrownAway />
            <Keeping />
        </section>
    );
}

function LinkShown({ person, link, onDone }: Linked & { onDone: () => void }) {
    return (
        <div role="status" className="mb-4 max-w-4xl rounded-md border-2 border-ink bg-card p-4">
            <p className="text-sm font-semibold">The link of {person.name}, shown this once:</p>
            <div className="mt-2 flex gap-2">
                <input readOnly aria-label={`Link of ${person.name}`} value={link} className="field min-w-0 flex-1" />
                <Button
                    kind="strong"
                    onClick={() => void navigator.clipboard.writeText(link).then(() => toast('The link is copied'))}
                >
                    Copy
                </Button>
                <Button kind="quiet" onClick={onDone}>
                    Done
                </Button>
            </div>
        </div>
    );
}

function Invite({ onInvited }: { onInvited: (linked: Linked) => void }) {
    const [role, setRole] = useState('position coach');
    const players = useQuery({
        queryKey: ['players'],
        queryFn: () => api.get<{ players: Player[] }>('players'),
        enabled: role === 'player',
    });
    const { write, busy } = useWrite({
        send: (who: object) => api.post<Linked>('people', who),
        otherwise: 'Nobody was invited.',
        done: onInvited,
        asksAgain: [['people']],
    });
    return (
        <form
            className="mt-5 flex flex-wrap items-end gap-2 text-[13px]"
            aria-label="Invite somebody"
            onSubmit={(e) => {
                e.preventDefault();
                const form = e.currentTarget;
                void write(Object.fromEntries(new FormData(form))).then((ok) => ok && form.reset());
            }}
        >
            <label>
                <span className="label block">Name</span>
                <input name="name" required maxLength={120} className="field w-52" />
            </label>
            <label>
                <span className="label block">Address</span>
                <input name="email" type="email" required maxLength={255} className="field w-64" />
            </label>
            <label>
                <span className="label block">Role</span>
                <Select name="role" value={role} onChange={(e) => setRole(e.target.value)}>
                    {ROLES.map((r) => (
                        <option key={r}>{r}</option>
                    ))}
                </Select>
            </label>
            {role === 'player' && (
                <label>
                    <span className="label block">His page</span>
                    <Select name="player_id" required>
                        {(players.data?.players ?? []).map((p) => (
                            <option key={p.id} value={p.id}>
                                {p.number} {p.name}
                            </option>
                        ))}
                    </Select>
                </label>
            )}
            <Button kind="strong" type="submit" disabled={busy}>
                Invite
            </Button>
        </form>
    );
}
