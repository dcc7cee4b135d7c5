import { Tabs } from 'radix-ui';
import { useEffect, useState, type RefObject } from 'react';
import type { CallDocument, Fix, LookDocument, ProofAnswer } from '../api/types';
import { DefenderCard } from '../look/DefenderCard';
import { MotionCard } from '../set/MotionCard';
import type { Press, Resting, Situation } from '../api/useProof';
import { usePressures } from './usePressures';
import { Advice } from './Advice';
import { Compared } from './Compared';
import { Ledger } from './Ledger';
import { PictureSays } from './PictureSays';
import { PressCard } from './PressCard';
import { RouteCard } from './RouteCard';
import { RuleCard } from '../run/RuleCard';
import { RunCard } from '../run/RunCard';
import { useLetters, useVocabulary } from '../api/useLetters';

type Props = {
    proof: ProofAnswer;
    document: CallDocument;
    chosen: string | null;
    onChoose: (who: string | null) => void;
    onFix: (fix: Fix) => void;
    onDraw: (document: CallDocument) => void;
    onLook: (look: LookDocument) => void;
    situation: Situation;
    both: boolean;
    routeLine: RefObject<HTMLInputElement | null>;
    press: Press;
    onReact: (man: string, reaction: string | null) => void;
    resting: Resting;
    onOpen: (call: string) => void;
};

/** Beside the field: the card of whoever is chosen, then the eleven assignments or what the picture says. */
export function Side({ proof, document, chosen, onChoose, onFix, onDraw, onLook, ...p }: Props) {
    const words = useVocabulary();
    const letters = useLetters();
    const [tab, setTab] = useState('men');
    const defender = proof.stage.defenders.find((d) => d.role === chosen);
    const man = proof.stage.men.find((m) => m.letter === chosen && !m.lineman && m.letter !== 'Q');
    const [motion, setMotion] = useState(false);
    const pressures = usePressures(document, proof.stage.lookDocument, p.situation, tab === 'picture');
    useEffect(() => setMotion(false), [chosen]);
    const isRun = proof.report.run !== null;
    useEffect(() => setTab((now) => (now === 'run' && !isRun ? 'men' : now)), [isRun]);
    const pressed = proof.report.press.find((row) => row.man === man?.letter);
    const moves = (document.motions ?? []).some((m) => m.man === chosen);
    return (
        <div className="flex h-full flex-col">
            {defender && words && (
                <DefenderCard
                    defender={defender}
                    look={proof.stage.lookDocument}
                    words={words}
                    receivers={proof.stage.men.filter((m) => !m.lineman && m.letter !== 'Q').map((m) => m.letter)}
                    onChange={onLook}
                    onClose={() => onChoose(null)}
                />
            )}
            {man && words && !motion && (
                <RouteCard
                    key={man.letter}
                    man={man.letter}
                    letter={letters(man.letter)}
                    proof={proof}
                    document={document}
                    situation={p.situation}
                    words={words}
                    both={p.both}
                    line={p.routeLine}
                    onDraw={onDraw}
                    onMove={() => setMotion(true)}
                    onClose={() => onChoose(null)}
                />
            )}
            {man && pressed && (
                <PressCard
                    row={pressed}
                    letter={letters(man.letter)}
                    reaction={p.press[man.letter] ?? null}
                    onReact={p.onReact}
                />
            )}
            {man && words && (motion || moves) && (
                <MotionCard
                    man={man.letter}
                    letter={letters(man.letter)}
                    document={document}
                    row={proof.report.picture.motions.find((m) => m.man === man.letter)}
                    words={words}
                    onChange={onDraw}
                    onClose={() => onChoose(null)}
                />
            )}
            <Tabs.Root value={tab} onValueChange={setTab} className="flex min-h-0 flex-1 flex-col">
                <Tabs.List aria-label="What to show" className="flex gap-4 border-b border-edge px-4 pt-2">
                    {[
                        ['men', 'Assignments'],
                        ...(proof.report.run ? [['run', 'Run']] : []),
                        ['picture', 'This look says'],
                    ].map(([value, label]) => (
                        <Tabs.Trigger
                            key={value}
                            value={value}
                            className="border-b-2 border-transparent pb-1 text-[13px] font-semibold text-soft narrow data-[state=active]:border-ink data-[state=active]:text-ink"
                        >
                            {label}
                        </Tabs.Trigger>
                    ))}
                </Tabs.List>
                <Tabs.Content value="men" className="min-h-0 flex-1 overflow-y-auto">
                    <Ledger proof={proof} chosen={chosen} onChoose={onChoose} onFix={onFix} onLook={onLook}>
                        {words && <RuleCard proof={proof} document={document} words={words} onDraw={onDraw} />}
                        <Compared compared={proof.report.compared} onChoose={onChoose} />
                        <Advice
                            report={proof.report}
                            resting={p.resting}
                            onDraw={onDraw}
                            onOpen={p.onOpen}
                            onChoose={onChoose}
                            onLook={onLook}
                        />
                    </Ledger>
                </Tabs.Content>
                {proof.report.run && (
                    <Tabs.Content value="run" className="min-h-0 flex-1 overflow-y-auto">
                        <RunCard
                            report={proof.report}
                            document={document}
                            situation={p.situation}
                            onDraw={onDraw}
                            onChoose={onChoose}
                        />
                    </Tabs.Content>
                )}
                <Tabs.Content value="picture" className="min-h-0 flex-1 overflow-y-auto">
                    <PictureSays report={proof.report} pressures={pressures} />
                </Tabs.Content>
            </Tabs.Root>
        </div>
    );
}
