import { clsx } from 'clsx';
import type { CallDocument, LookDocument, ProofReport, SavedCall } from '../api/types';
import { Button } from '../ui/Button';
import { Cards } from './Cards';
import { useBoard } from '../model/callStore';
import type { Situation } from '../api/useProof';
import type { Run } from '../drawing/useRun';
import { Verdict } from './Verdict';

type Props = {
    report: ProofReport;
    current: boolean;
    run: Run;
    drawing: boolean;
    both: boolean;
    onDrawing: (on: boolean) => void;
    onBoth: (on: boolean) => void;
    onSideline: () => void;
    calls: SavedCall[];
    document: CallDocument;
    name: string;
    situation: Situation;
    look: LookDocument;
    opponent: string;
};

/** Under the field: the verdict, and what can be done with the picture. */
export function Controls(p: Props) {
    const { undo, redo } = useBoard.temporal.getState();
    const { run } = p;
    return (
        <div className="flex items-center gap-1 px-3 pb-1.5 stacked:flex-col stacked:items-stretch">
            <Verdict report={p.report} busy={!p.current} />
            <span className="no-print flex shrink-0 items-center stacked:flex-wrap">
                <Button onClick={run.play} keys="Space" className="mx-1.5">
                    {run.clock.running ? 'Hold' : 'Run it'}
                </Button>
                {run.watching ? (
                    <Button kind="quiet" className="!px-2" onClick={run.rest} keys="Esc">
                        Drawing
                    </Button>
                ) : (
                    <Button
                        kind="quiet"
                        className="!px-2"
                        onClick={run.step}
                        keys="W"
                        title="Walk the reads: live or dead, one by one"
                    >
                        Reads
                    </Button>
                )}
                <Switch on={p.drawing} onChange={p.onDrawing} keys="D" title="Draw a route: drag from a man">
                    Draw
                </Switch>
                <Switch
                    on={p.both}
                    onChange={p.onBoth}
                    keys="B"
                    title="What one side gets, the same receiver across the ball gets too"
                >
                    Both sides
                </Switch>
                <Button kind="quiet" className="!px-2" onClick={() => undo()} keys="Ctrl Z">
                    Undo
                </Button>
                <Button kind="quiet" className="!px-2" onClick={() => redo()} keys="Ctrl Shift Z">
                    Redo
                </Button>
                {p.report.run && (
                    <Button
                        kind="quiet"
                        className="!px-2"
                        onClick={p.onSideline}
                        keys="U"
                        title="Who nobody has, and the tag that has him, in big letters"
                    >
                        Sideline
                    </Button>
                )}
                <Cards
                    run={p.report.run !== null}
                    calls={p.calls}
                    document={p.document}
                    name={p.name}
                    situation={p.situation}
                    look={p.look}
                    men={p.report.assignments.map((a) => a.man)}
                    opponent={p.opponent}
                />
            </span>
        </div>
    );
}

function Switch({
    on,
    onChange,
    keys,
    title,
    children,
}: {
    on: boolean;
    onChange: (on: boolean) => void;
    keys: string;
    title: string;
    children: string;
}) {
    return (
        <Button
            kind="quiet"
            aria-pressed={on}
            keys={keys}
            title={title}
            onClick={() => onChange(!on)}
            className={clsx('!px-2', on && 'rounded-md !bg-ink !text-paper')}
        >
            {children}
        </Button>
    );
}
