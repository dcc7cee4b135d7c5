import { useRef, useState } from 'react';
import type { Drill, DrillRow } from '../api/drillTypes';
import { Button } from '../ui/Button';
import { capital } from '../ui/words';
import { DrillPicture } from './DrillPicture';
import { handFile } from '../ui/handFile';
import { svgText } from './svgText';

type Props = { row: DrillRow; onEdit: () => void };

/** A drill card: drawn large in either direction, and all the card says beside it; on paper one page. */
export function DrillCard({ row, onEdit }: Props) {
    const [turned, setTurned] = useState(false);
    const box = useRef<HTMLDivElement>(null);
    const drill = turned ? row.mirrored : row.document;
    const file = (text: string, type: string, ending: string) =>
        handFile(new Blob([text], { type }), `${drill.name}.${ending}`);
    const picture = () => file(svgText(box.current!.querySelector('svg')!), 'image/svg+xml', 'svg');
    return (
        <article className="min-w-0 overflow-y-auto p-5 stacked:p-3 print:overflow-visible print:p-0">
            <header className="mb-2 flex flex-wrap items-center gap-x-3 gap-y-2">
                <h1 className="text-2xl font-bold">{capital(drill.name)}</h1>
                <span className="text-sm text-soft">
                    {capital(drill.group)}, {drill.minutes} min{drill.contact ? ', contact' : ''}
                    {row.id && (row.ships ? '; our own in place of the one that ships' : '; our own')}
                </span>
                <span className="flex-1" />
                <span className="no-print flex flex-wrap gap-2">
                    <Button aria-pressed={turned} onClick={() => setTurned(!turned)}>
                        Other direction
                    </Button>
                    <Button onClick={() => window.print()} keys="Ctrl P">
                        Print
                    </Button>
                    <Button onClick={picture}>SVG</Button>
                    <Button onClick={() => file(JSON.stringify(row.document, null, 2), 'application/json', 'json')}>
                        JSON
                    </Button>
                    <Button kind="strong" onClick={onEdit}>
                        {row.id ? 'Change' : 'Make it our own'}
                    </Button>
                </span>
            </header>
            <p className="mb-3 text-[15px]">{drill.purpose}</p>
            <div className="grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-5 stacked:block print:grid">
                <div ref={box} className="rounded-md border border-edge print:border-0">
                    <DrillPicture drill={drill} />
                </div>
                <Said drill={drill} row={row} />
            </div>
        </article>
    );
}

function Said({ drill, row }: { drill: Drill; row: DrillRow }) {
    const runs = row.runsYd.map((r) => `${r.man} runs ${r.yards} yd`).join(', ');
    const lines: [string, string][] = [
        ['Men', drill.men.map((m) => `${m.letter} ${m.role}`).join(', ')],
        ['With', drill.equipment.join(', ')],
        ['Starts on', drill.start],
        ['Ends', drill.finish],
        ['Tempo', drill.tempo],
        ['Rotation', drill.rotation],
        ['Distance', runs],
    ];
    return (
        <div className="text-sm stacked:mt-3 print:mt-0">
            <ul className="mb-3 print:break-inside-avoid" aria-label="Cues">
                {drill.cues.map((cue) => (
                    <li key={cue} className="border-l-4 border-ink py-0.5 pl-2 text-[15px] font-bold not-last:mb-1">
                        {cue}
                    </li>
                ))}
            </ul>
            <dl>
                {lines.map(([name, said]) => (
                    <div key={name} className="flex gap-2 border-b border-faint py-1">
                        <dt className="w-20 shrink-0 text-soft">{name}</dt>
                        <dd>{said}</dd>
                    </div>
                ))}
                {drill.variants.map((v) => (
                    <div key={v.who} className="flex gap-2 border-b border-faint py-1">
                        <dt className="w-20 shrink-0 text-soft">{capital(v.who)}</dt>
                        <dd>{v.does}</dd>
                    </div>
                ))}
            </dl>
            {row.cures.length > 0 && (
                <div className="print:break-inside-avoid">
                    <h2 className="label mt-3 mb-1">Cures</h2>
                    <ul>
                        {row.cures.map((f) => (
                            <li key={f.id} className="py-0.5">
                                <b className="font-semibold">{capital(f.label)}</b>
                                <span className="text-soft">: {f.wanted}</span>
                            </li>
                        ))}
                    </ul>
                </div>
            )}
            {drill.caution && (
                <p className="mt-3 rounded-md border border-amber bg-amber-wash px-3 py-2 print:break-inside-avoid">
                    {drill.caution}
                </p>
            )}
        </div>
    );
}
