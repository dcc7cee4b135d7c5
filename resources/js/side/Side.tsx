import { Tabs } from 'radix-ui';
import { useEffect, useState } from 'react';
import type { CallDocument, Fix, LookDocument, ProofAnswer } from '../api/types';
import { DefenderCard } from '../look/DefenderCard';
import { MotionCard } from '../set/MotionCard';
import { Ledger } from './Ledger';
import { PictureSays } from './PictureSays';
import { useLetters, useVocabulary } from '../ui/useLetters';

type Props = {
    proof: ProofAnswer;
    document: CallDocument;
    chosen: string | null;
    onChoose: (who: string | null) => void;
    onFix: (fix: Fix) => void;
    onDraw: (document: CallDocument) => void;
    onLook: (look: LookDocument) => void;
};

/** Beside the field: the card of whoever is chosen, then the eleven assignments or what the picture says. */
export function Side({ proof, document, chosen, onChoose, onFix, onDraw, onLook }: Props) {
    const words = useVocabulary();
    const letters = useLetters();
    const [tab, setTab] = useState('men');
    const defender = proof.stage.defenders.find((d) => d.role === chosen);
    const man = proof.stage.men.find((m) => m.letter === chosen && !m.lineman && m.letter !== 'Q');
    const [motion, setMotion] = useState(false);
    useEffect(() => setMotion(false), [chosen]);
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
                    {man && !motion && !moves && (
                        <button
                            type="button"
                            onClick={() => setMotion(true)}
                            className="ml-auto pb-1 text-[13px] font-semibold text-ball narrow"
                        >
                            Move {letters(man.letter)}
                        </button>
                    )}
                </Tabs.List>
                <Tabs.Content value="men" className="min-h-0 flex-1 overflow-y-auto">
                    <Ledger proof={proof} chosen={chosen} onChoose={onChoose} onFix={onFix} />
                </Tabs.Content>
                <Tabs.Content value="picture" className="min-h-0 flex-1 overflow-y-auto">
                    <PictureSays report={proof.report} />
                </Tabs.Content>
            </Tabs.Root>
        </div>
    );
}
