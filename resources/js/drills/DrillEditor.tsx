import { useState, type ReactNode } from 'react';
import type { Drill, DrillRow } from '../api/drillTypes';
import { useDrillCards } from '../api/useDrillCards';
import { Button } from '../ui/Button';
import { Select } from '../ui/Select';
import { capital } from '../ui/words';
import { DrillPicture } from './DrillPicture';
import { moved, onFoot, same, withBag, withCone, withMan, without, withStep, type Target } from './edit';
import { frameOf } from './frame';
import { useDrills } from './useDrills';

/** What is one line on the card. */
const LINES: [keyof Drill & ('purpose' | 'start' | 'finish' | 'tempo' | 'rotation'), string][] = [
    ['purpose', 'What it is for'],
    ['start', 'Starts on'],
    ['finish', 'Ends'],
    ['tempo', 'Tempo'],
    ['rotation', 'Rotation'],
];

type Props = { row: DrillRow; onDone: (name: string) => void; onBack: () => void };

/** A card being drawn: everything on the field is dragged or moved by the arrows, everything said is a field. */
export function DrillEditor({ row, onDone, onBack }: Props) {
    const [drill, setDrill] = useState<Drill>(row.document);
    const [chosen, setChosen] = useState<Target | null>(null);
    const [frame, setFrame] = useState(() => frameOf(row.document, 3));
    const groups = useDrillCards().data?.groups ?? [row.document.group];
    const { save, remove, busy } = useDrills();
    const put = (next: Drill, grown = false) => {
        setDrill(next);
        // The field does not move under the hand; it grows when something is put beside it.
        if (grown) setFrame(frameOf(next, 3));
    };
    const text = (name: keyof Drill) => (said: string) => put({ ...drill, [name]: said });
    return (
        <form
            className="min-w-0 overflow-y-auto p-5 stacked:p-3"
            onSubmit={(e) => {
                e.preventDefault();
                void save(row, drill).then((saved) => saved && onDone(saved.document.name));
            }}
        >
            <header className="mb-3 flex flex-wrap items-center gap-2">
                <Field label="Name" value={drill.name} onChange={text('name')} required wide />
                <Select
                    aria-label="Group"
                    value={drill.group}
                    onChange={(e) => put({ ...drill, group: e.target.value })}
                >
                    {groups.map((g) => (
                        <option key={g} value={g}>
                            {capital(g)}
                        </option>
                    ))}
                </Select>
                <label className="flex items-center gap-1 text-sm">
                    <input
                        type="number"
                        min={1}
                        max={60}
                        aria-label="Minutes"
                        value={drill.minutes}
                        onChange={(e) => put({ ...drill, minutes: Math.max(1, Math.round(Number(e.target.value))) })}
                        className="w-16 rounded-md border border-edge bg-paper px-2 py-1 text-right"
                    />
                    min
                </label>
                <label className="flex items-center gap-1 text-sm">
                    <input
                        type="checkbox"
                        checked={drill.contact}
                        onChange={(e) => put({ ...drill, contact: e.target.checked })}
                    />
                    contact
                </label>
                <span className="flex-1" />
                {row.id && (
                    <Button
                        kind="quiet"
                        disabled={busy}
                        onClick={() => void remove(row).then(() => onDone(row.document.name))}
                    >
                        {row.ships ? 'Back to the card that ships' : 'Throw it away'}
                    </Button>
                )}
                <Button kind="quiet" onClick={onBack}>
                    Leave it
                </Button>
                <Button type="submit" kind="strong" disabled={busy}>
                    Save
                </Button>
            </header>
            <div className="grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-5 stacked:block">
                <div>
                    <Tools {...{ drill, chosen, put, setChosen }} />
                    <div className="rounded-md border border-edge">
                        <DrillPicture
                            drill={drill}
                            frame={frame}
                            hands={{
                                chosen,
                                onChoose: (at) => !same(at, chosen) && setChosen(at),
                                onMove: (at, x, y) => put(moved(drill, at, x, y)),
                            }}
                        />
                    </div>
                </div>
                <div className="flex flex-col gap-2">
                    <Men drill={drill} put={put} />
                    {LINES.map(([name, label]) => (
                        <Field key={name} label={label} value={drill[name]} onChange={text(name)} />
                    ))}
                    <ListField
                        label="With, one a line"
                        value={drill.equipment}
                        onChange={(equipment) => put({ ...drill, equipment })}
                    />
                    <ListField
                        label="Cues, one a line"
                        value={drill.cues}
                        onChange={(cues) => put({ ...drill, cues })}
                    />
                    <Field
                        label="Caution"
                        value={drill.caution ?? ''}
                        onChange={(said) => put({ ...drill, caution: said || null })}
                    />
                </div>
            </div>
        </form>
    );
}

type ToolProps = {
    drill: Drill;
    chosen: Target | null;
    put: (next: Drill, grown?: boolean) => void;
    setChosen: (at: Target | null) => void;
};

/** What can be put on the field, and what can be done to the thing that is held. */
function Tools({ drill, chosen, put, setChosen }: ToolProps) {
    const step = chosen?.kind === 'step' ? chosen : null;
    const foot = step ? (drill.paths[step.path]?.points[step.n]?.foot ?? null) : null;
    const label = chosen?.kind === 'cone' ? drill.cones[chosen.n]?.label : undefined;
    return (
        <div className="mb-2 flex min-h-9 flex-wrap items-center gap-2" role="toolbar" aria-label="On the field">
            <Button onClick={() => put(withCone(drill), true)}>+ cone</Button>
            <Button onClick={() => put(withBag(drill), true)}>+ bag</Button>
            <Button onClick={() => put(withMan(drill), true)}>+ man</Button>
            {step && (
                <>
                    <Button
                        onClick={() => {
                            put(withStep(drill, step));
                            setChosen({ ...step, n: step.n + 1 });
                        }}
                    >
                        + step
                    </Button>
                    {step.n > 0 &&
                        (['left', 'right'] as const).map((f) => (
                            <Button
                                key={f}
                                aria-pressed={foot === f}
                                onClick={() => put(onFoot(drill, step, foot === f ? null : f))}
                            >
                                {capital(f)} foot
                            </Button>
                        ))}
                </>
            )}
            {chosen?.kind === 'cone' && (
                <input
                    aria-label="What is written at the cone"
                    placeholder="written at it"
                    value={label ?? ''}
                    maxLength={30}
                    onChange={(e) =>
                        put({
                            ...drill,
                            cones: drill.cones.map((c, n) => (n === chosen.n ? { ...c, label: e.target.value } : c)),
                        })
                    }
                    className="w-28 rounded-md border border-edge bg-paper px-2 py-1 text-sm"
                />
            )}
            {chosen && chosen.kind !== 'coach' && (
                <Button
                    kind="quiet"
                    onClick={() => {
                        put(without(drill, chosen));
                        setChosen(null);
                    }}
                >
                    Take it out
                </Button>
            )}
            {!chosen && <span className="text-sm text-soft">Drag anything; or Tab to it and use the arrows.</span>}
        </div>
    );
}

function Men({ drill, put }: { drill: Drill; put: (next: Drill) => void }) {
    return (
        <fieldset className="text-sm">
            <legend className="mb-1 text-soft">Men</legend>
            {drill.men.map((m, n) => (
                <label key={m.letter} className="mb-1 flex items-center gap-2">
                    <b className="w-6">{m.letter}</b>
                    <input
                        aria-label={`What ${m.letter} is`}
                        value={m.role}
                        maxLength={60}
                        onChange={(e) =>
                            put({
                                ...drill,
                                men: drill.men.map((o, k) => (k === n ? { ...o, role: e.target.value } : o)),
                            })
                        }
                        className="min-w-0 flex-1 rounded-md border border-edge bg-paper px-2 py-1"
                    />
                </label>
            ))}
        </fieldset>
    );
}

type FieldProps = {
    label: string;
    value: string;
    onChange: (said: string) => void;
    required?: boolean;
    wide?: boolean;
};

function Field({ label, value, onChange, required, wide }: FieldProps) {
    const given = { value, required, onChange: (e: { target: { value: string } }) => onChange(e.target.value) };
    return (
        <Labelled label={label}>
            {wide ? (
                <input
                    {...given}
                    maxLength={80}
                    className="ml-2 w-64 rounded-md border border-edge bg-paper px-2 py-1 text-base font-bold"
                />
            ) : (
                <textarea
                    {...given}
                    rows={1}
                    maxLength={label === 'Caution' ? 400 : 120}
                    className="block field-sizing-content w-full rounded-md border border-edge bg-paper px-2 py-1"
                />
            )}
        </Labelled>
    );
}

type ListProps = { label: string; value: string[]; onChange: (said: string[]) => void };

function ListField({ label, value, onChange }: ListProps) {
    return (
        <Labelled label={label}>
            <textarea
                rows={3}
                defaultValue={value.join('\n')}
                onChange={(e) =>
                    onChange(
                        e.target.value
                            .split('\n')
                            .map((l) => l.trim())
                            .filter(Boolean),
                    )
                }
                className="w-full rounded-md border border-edge bg-paper px-2 py-1"
            />
        </Labelled>
    );
}

function Labelled({ label, children }: { label: string; children: ReactNode }) {
    return (
        <label className="block text-sm">
            <span className="text-soft">{label}</span>
            {children}
        </label>
    );
}
