import { useState } from 'react';
import type { OwnTrigger, TriggerSaid } from '../api/ownTriggerTypes';
import { Button } from '../ui/Button';
import { capital } from '../ui/words';
import { TriggerForm } from './TriggerForm';
import { useOwnTriggers } from './useOwnTriggers';

const NEW: TriggerSaid = {
    name: '',
    on: [],
    needs: [{ kind: 'corner', acts: [], box: null, times: 2 }],
    any: false,
    then: [],
    why: '',
    formation: null,
    within: null,
};

/** What the staff waits for besides what ships: a list, and one that is being written. */
export function OwnTriggers() {
    const { lists, keep, drop, busy } = useOwnTriggers();
    const [open, setOpen] = useState<OwnTrigger | 'new' | null>(null);
    if (!lists) return null;
    const own = open === 'new' ? null : open;
    return (
        <section className="mb-6" aria-label="Our own triggers">
            <h2 className="mb-1 border-b-2 border-ink text-base font-bold">Our own triggers</h2>
            {lists.triggers.length === 0 && !open && (
                <p className="py-1 text-[13px] text-soft">
                    None yet. {lists.ships.length} ship: {lists.ships.join('; ').toLowerCase()}.
                </p>
            )}
            <ul className="text-[13px]">
                {lists.triggers.map((t) => (
                    <li key={t.id} className="flex items-baseline gap-2 border-b border-faint py-1">
                        <span className="min-w-0 flex-1">
                            <b className="font-semibold">{t.document.name}</b>: {sentence(t)}
                        </span>
                        <Button kind="quiet" onClick={() => setOpen(t)} aria-label={`Change ${t.document.name}`}>
                            Change
                        </Button>
                    </li>
                ))}
            </ul>
            {open ? (
                <TriggerForm
                    key={own?.id ?? 'new'}
                    said={own?.document ?? NEW}
                    lists={lists}
                    busy={busy}
                    onKeep={(said) => void keep(own, said).then((kept) => kept && setOpen(null))}
                    onDrop={own ? () => void drop(own).then(() => setOpen(null)) : undefined}
                    onBack={() => setOpen(null)}
                />
            ) : (
                <Button className="mt-2" onClick={() => setOpen('new')}>
                    New trigger
                </Button>
            )}
        </section>
    );
}

/** "If corner sinks twice on smash from gun 2x2 in the last 6 snaps, then smash." */
export function sentence({ document: d, needs }: Pick<OwnTrigger, 'document' | 'needs'>): string {
    const seen = needs.map((words, n) => `${words} ${timesWords(d.needs[n].times)}`).join(d.any ? ' or ' : ' and ');
    const where = [
        d.on.length > 0 ? ` on ${d.on.join(' or ')}` : '',
        d.formation ? ` from ${d.formation}` : '',
        d.within ? ` in the last ${d.within} snaps` : '',
    ].join('');
    return capital(`if ${seen}${where}, then ${d.then.join(' or ')}.`);
}

const timesWords = (n: number) => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`);
