import { Tabs } from 'radix-ui';
import { useMemo, useState } from 'react';
import { useCalls } from '../api/useCalls';
import { useLooks } from '../api/useLooks';
import { SituationBar } from '../set/SituationBar';
import type { Situation } from '../api/useProof';
import { useKeys } from '../ui/keys/useKeys';
import { CallSheet } from './CallSheet';
import { MenuSheet } from './MenuSheet';
import { Openers } from './Openers';
import { PlanSheet } from './PlanSheet';
import { SituationSheet } from './SituationSheet';
import { Select } from '../ui/Select';

const START: Situation = { hash: 'middle', down: 1, toGoYd: 10, ballOnYd: 40, rules: 'nfhs' };

/** One call against all looks, or the whole menu against the looks of an opponent. */
export function Sheet() {
    const { calls } = useCalls();
    const all = useLooks().looks;
    const [situation, setSituation] = useState(START);
    const [named, setNamed] = useState(false);
    const [tab, setTab] = useState('call');
    const [chosen, setOpponent] = useState('');
    const opponents = useMemo(() => [...new Set((all ?? []).map((l) => l.opponent))], [all]);
    const opponent = opponents.includes(chosen) ? chosen : (opponents[0] ?? '');
    const looks = useMemo(() => (all ?? []).filter((l) => l.opponent === opponent), [all, opponent]);
    useKeys('n', 'proves with our own men, or with the level', () => setNamed((on) => !on));

    return (
        <Tabs.Root value={tab} onValueChange={setTab} className="flex h-full flex-col stacked:h-auto print:h-auto">
            <header className="flex items-center gap-5 border-b border-edge px-5 py-2 stacked:flex-wrap">
                <h1 className="text-lg font-bold">Sheet</h1>
                <Tabs.List aria-label="Which sheet" className="no-print flex gap-4">
                    {[
                        ['call', 'One call, every look'],
                        ['menu', 'The menu, look by look'],
                        ['plan', 'The call sheet'],
                        ['openers', 'Openers'],
                        ['situations', 'By situation'],
                    ].map(([value, label]) => (
                        <Tabs.Trigger
                            key={value}
                            value={value}
                            className="border-b-2 border-transparent py-1 text-sm font-semibold text-soft narrow data-[state=active]:border-ink data-[state=active]:text-ink"
                        >
                            {label}
                        </Tabs.Trigger>
                    ))}
                </Tabs.List>
                <span className="flex-1" />
                <label className="text-[12px] text-soft narrow">
                    Weighed by what{' '}
                    <Select
                        bare
                        aria-label="Opponent"
                        value={opponent}
                        onChange={(e) => setOpponent(e.target.value)}
                        className="text-[13px]"
                    >
                        {opponents.map((o) => (
                            <option key={o}>{o}</option>
                        ))}
                    </Select>{' '}
                    shows
                </label>
                <label
                    className="flex items-center gap-1.5 text-[13px] narrow"
                    title="Prove with the starters' own times (N)"
                >
                    <input
                        type="checkbox"
                        checked={named}
                        onChange={(e) => setNamed(e.target.checked)}
                        className="accent-[var(--ink)]"
                    />
                    Our men
                </label>
                <SituationBar situation={situation} onChange={setSituation} />
            </header>
            <Tabs.Content value="call" className="min-h-0 flex-1">
                <CallSheet calls={calls ?? []} shown={looks} opponent={opponent} situation={situation} named={named} />
            </Tabs.Content>
            <Tabs.Content value="menu" className="min-h-0 flex-1 overflow-auto">
                <MenuSheet shown={looks} opponent={opponent} situation={situation} named={named} />
            </Tabs.Content>
            <Tabs.Content value="plan" className="min-h-0 flex-1">
                <PlanSheet shown={looks} opponent={opponent} situation={situation} named={named} />
            </Tabs.Content>
            <Tabs.Content value="openers" className="min-h-0 flex-1">
                <Openers shown={looks} opponent={opponent} situation={situation} named={named} />
            </Tabs.Content>
            <Tabs.Content value="situations" className="min-h-0 flex-1 overflow-auto">
                <SituationSheet shown={looks} opponent={opponent} situation={situation} named={named} />
            </Tabs.Content>
        </Tabs.Root>
    );
}
