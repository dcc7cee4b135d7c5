import type { CallDocument, CallMotion, MotionRow, Vocabulary } from '../api/types';
import { Choice } from '../ui/Choice';
import { plain } from '../ui/words';

type Props = {
    man: string;
    letter: string;
    document: CallDocument;
    row: MotionRow | undefined;
    words: Vocabulary;
    onChange: (document: CallDocument) => void;
    onClose: () => void;
};

/** What one man does before the snap: kind, side, sound and purpose, and where each sound leaves him. */
export function MotionCard({ man, letter, document, row, words, onChange, onClose }: Props) {
    const motions = document.motions ?? [];
    const motion = motions.find((m) => m.man === man);
    const set = (next: Partial<CallMotion> | null) => {
        const rest = motions.filter((m) => m.man !== man);
        if (next === null) onChange({ ...document, motions: rest });
        else {
            const now = { kind: 'short', ...motion, ...next, man } as CallMotion;
            onChange({ ...document, motions: motion ? motions.map((m) => (m.man === man ? now : m)) : [...rest, now] });
        }
    };
    const said = motion?.sound ? `${motion.sound.last ? 'last' : 'first'} sound of ${motion.sound.word}` : '';
    return (
        <section aria-label={`${letter} before the snap`} className="border-b-2 border-ink bg-card px-4 py-2.5">
            <h2 className="flex items-baseline gap-2">
                <b>{letter} before the snap</b>
                <span className="flex-1" />
                <button type="button" onClick={onClose} aria-label="Close" className="px-1 text-soft hover:text-ink">
                    ✕
                </button>
            </h2>
            <div className="mt-1.5 grid grid-cols-2 gap-x-3 gap-y-1.5">
                <Choice
                    label="Motion or shift"
                    value={motion?.kind ?? ''}
                    empty="stands"
                    options={words.motions.map((m) => m.name)}
                    onChange={(kind) => set(kind ? { kind: kind as CallMotion['kind'] } : null)}
                />
                <Choice
                    label="To the"
                    value={motion?.side ?? ''}
                    empty="across"
                    options={['left', 'right']}
                    disabled={!motion}
                    onChange={(side) => set({ side: (side || null) as CallMotion['side'] })}
                />
                <Choice
                    label="Starts on"
                    value={said}
                    empty="when he must"
                    options={words.cadence.slice(0, -1).flatMap((w) => [`first sound of ${w}`, `last sound of ${w}`])}
                    disabled={!motion}
                    onChange={(s) =>
                        set({ sound: s ? { word: s.split(' ').at(-1)!, last: s.startsWith('last') } : null })
                    }
                />
                <Choice
                    label="What for"
                    value={motion?.purpose ?? ''}
                    empty="not said"
                    options={words.purposes}
                    disabled={!motion}
                    onChange={(purpose) => set({ purpose: (purpose || null) as CallMotion['purpose'] })}
                />
            </div>
            {row && (
                <>
                    <p className="mt-2 text-[13px]">
                        {row.words}
                        {row.purposeMet !== null && (
                            <b className={row.purposeMet ? ' text-open' : ' text-amber'}>
                                {row.purposeMet ? ' It does that here.' : ' It does not do that here.'}
                            </b>
                        )}
                    </p>
                    <table className="mt-1.5 w-full text-[12px]">
                        <caption className="label pb-0.5 text-left">Where each sound leaves him</caption>
                        <tbody>
                            {row.sounds.map((s) => (
                                <tr key={s.sound} className={s.sound === row.bestSound ? 'font-bold' : 'text-soft'}>
                                    <td>{s.sound}</td>
                                    <td className="text-right">{plain(s.beforeS)} s before</td>
                                    <td className="text-right">
                                        {Math.abs(s.lateYd) < 0.05
                                            ? 'in time'
                                            : `${plain(Math.abs(s.lateYd))} yd ${s.lateYd > 0 ? 'late' : 'early'}`}
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </>
            )}
        </section>
    );
}
