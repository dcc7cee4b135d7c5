import { useEffect, useState } from 'react';
import { api, Problem } from '../api/client';
import type { DrawnDefender, LookDocument, Pictures, Recognised } from '../api/types';
import { Button } from '../ui/Button';
import { LookPicture } from './LookPicture';

type Props = { formation: string; pictures: Pictures; onAdd: (document: LookDocument, words: string) => void };

/** Eleven spots as they were seen: drag them, and read front, techniques and the two likeliest shells with the reasons. */
export function NameIt({ formation, pictures, onAdd }: Props) {
    const [men, setMen] = useState<DrawnDefender[]>(pictures.looks[0].defenders);
    const [said, setSaid] = useState<Recognised | null>(null);
    const [problem, setProblem] = useState('');

    useEffect(() => {
        const stop = new AbortController();
        const timer = setTimeout(() => {
            const spots = men.map((d) => ({ xYd: d.xYd, yYd: d.yYd }));
            api.post<Recognised>('recognitions/look', { spots, formation }, stop.signal)
                .then((r) => (setSaid(r), setProblem('')))
                .catch((e) => e instanceof Problem && setProblem(e.message));
        }, 200);
        return () => {
            clearTimeout(timer);
            stop.abort();
        };
    }, [men, formation]);

    const add = async (words: string) => {
        const read = await api.post<{ document: LookDocument; words: string }>('look-words', { words });
        onAdd(read.document, read.words);
    };
    const plain = men.map((d) => ({ ...d, technique: null, rushes: false }));
    return (
        <div className="p-4">
            <p className="mb-2 text-[13px] text-soft">
                Drag the eleven to where you saw them. The letters do not matter, only the spots do.
            </p>
            <div className="overflow-hidden rounded-md border border-edge">
                <LookPicture
                    field={pictures.field}
                    men={pictures.men}
                    defenders={plain}
                    label="Spots to name"
                    onMove={(i, xYd, yYd) => setMen((now) => now.map((d, n) => (n === i ? { ...d, xYd, yYd } : d)))}
                />
            </div>
            {problem && (
                <p role="alert" className="mt-3 text-ball">
                    {problem}
                </p>
            )}
            {said && (
                <section aria-label="What it is" className="mt-3 grid grid-cols-2 gap-6" aria-live="polite">
                    <div>
                        <h2 className="text-[19px] font-semibold">{said.front}</h2>
                        <p className="text-[13px] text-soft">
                            Strength {said.side}; the men stand {said.offYd} yd from the book on average.
                        </p>
                        <p className="mt-1 text-[14px]">
                            Techniques from left to right:{' '}
                            <b>{said.techniques.map((t) => t.technique).join(', ') || 'nobody on the line'}</b>
                        </p>
                    </div>
                    <ol className="space-y-2">
                        {said.shells.map((s) => (
                            <li key={s.shell} className="flex gap-3">
                                <span className="w-14 text-right text-[17px] font-semibold whitespace-nowrap">
                                    {Math.round(s.likely * 100)} %
                                </span>
                                <span className="flex-1">
                                    <b>{s.shell}</b>
                                    <span className="block text-[13px] text-soft">{s.why.join('; ')}</span>
                                </span>
                                <Button onClick={() => void add(`${said.front}, ${s.shell}`)}>Seen once</Button>
                            </li>
                        ))}
                    </ol>
                </section>
            )}
        </div>
    );
}
