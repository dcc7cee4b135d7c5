import { useState, type ReactNode } from 'react';
import type { NeedSaid, TriggerLists, TriggerSaid } from '../api/ownTriggerTypes';
import { Button } from '../ui/Button';
import { Select } from '../ui/Select';
import { capital } from '../ui/words';

type Props = {
    said: TriggerSaid;
    lists: TriggerLists;
    busy: boolean;
    onKeep: (said: TriggerSaid) => void;
    onDrop?: () => void;
    onBack: () => void;
};

const FIELD = 'rounded-md border border-edge bg-paper px-2 py-1 text-sm';

/** A trigger put together from lists, in the order in which it is read: if, on, from, within, then, because. */
export function TriggerForm({ said, lists, busy, onKeep, onDrop, onBack }: Props) {
    const [t, setT] = useState(said);
    const put = (change: Partial<TriggerSaid>) => setT({ ...t, ...change });
    const need = (at: number, change: Partial<NeedSaid>) =>
        put({ needs: t.needs.map((n, k) => (k === at ? { ...n, ...change } : n)) });
    return (
        <form
            className="mt-2 flex flex-col gap-2 rounded-md border border-edge bg-card p-3 text-sm"
            onSubmit={(e) => {
                e.preventDefault();
                onKeep(t);
            }}
        >
            <Row label="Name">
                <input
                    required
                    aria-label="Name"
                    maxLength={80}
                    value={t.name}
                    onChange={(e) => put({ name: e.target.value })}
                    className={`${FIELD} w-full`}
                />
            </Row>
            {t.needs.map((n, at) => (
                <NeedRow
                    key={at}
                    label={at === 0 ? 'If' : t.any ? 'Or' : 'And'}
                    need={n}
                    lists={lists}
                    onNeed={(change) => need(at, change)}
                    onGone={t.needs.length > 1 ? () => put({ needs: t.needs.filter((_, k) => k !== at) }) : undefined}
                />
            ))}
            <div className="flex items-center gap-3">
                <Button
                    kind="quiet"
                    onClick={() => put({ needs: [...t.needs, { kind: 'safety', acts: [], box: null, times: 1 }] })}
                >
                    + something else
                </Button>
                {t.needs.length > 1 && (
                    <label className="flex items-center gap-1">
                        <input type="checkbox" checked={t.any} onChange={(e) => put({ any: e.target.checked })} />
                        one is enough
                    </label>
                )}
            </div>
            <Many label="On" none="any call" list={lists.families} chosen={t.on} onChosen={(on) => put({ on })} />
            <Row label="From">
                <Select
                    aria-label="From"
                    className="w-full"
                    value={t.formation ?? ''}
                    onChange={(e) => put({ formation: e.target.value || null })}
                >
                    <option value="">any formation</option>
                    {t.formation && !lists.formations.includes(t.formation) && (
                        <option value={t.formation}>{t.formation}</option>
                    )}
                    {lists.formations.map((f) => (
                        <option key={f} value={f}>
                            {f}
                        </option>
                    ))}
                </Select>
            </Row>
            <Row label="Within">
                <span className="flex items-center gap-2">
                    <input
                        type="number"
                        min={1}
                        max={100}
                        placeholder="all"
                        aria-label="Within how many snaps of a picture"
                        value={t.within ?? ''}
                        onChange={(e) => put({ within: e.target.value === '' ? null : Number(e.target.value) })}
                        className={`${FIELD} w-16`}
                    />
                    of the latest snaps of the picture
                </span>
            </Row>
            <Many label="Then" none="call …" list={lists.families} chosen={t.then} onChosen={(then) => put({ then })} />
            <Row label="Because">
                <input
                    aria-label="Because"
                    maxLength={200}
                    value={t.why}
                    onChange={(e) => put({ why: e.target.value })}
                    className={`${FIELD} w-full`}
                />
            </Row>
            <div className="flex gap-2">
                <Button type="submit" kind="strong" disabled={busy}>
                    Keep
                </Button>
                <Button kind="quiet" onClick={onBack}>
                    Leave it
                </Button>
                {onDrop && (
                    <Button kind="quiet" disabled={busy} onClick={onDrop}>
                        Throw it away
                    </Button>
                )}
            </div>
        </form>
    );
}

type NeedProps = {
    label: string;
    need: NeedSaid;
    lists: TriggerLists;
    onNeed: (change: Partial<NeedSaid>) => void;
    onGone?: () => void;
};

/** Who does what how often; "men in the box" counts bodies and no act. */
function NeedRow({ label, need, lists, onNeed, onGone }: NeedProps) {
    const box = need.box !== null;
    return (
        <Row label={label}>
            <span className="flex flex-wrap items-center gap-1.5">
                <Select
                    aria-label={`${label}: who`}
                    value={box ? 'box' : need.kind}
                    onChange={(e) =>
                        onNeed(
                            e.target.value === 'box'
                                ? { box: 8, kind: '', acts: [] }
                                : { box: null, kind: e.target.value },
                        )
                    }
                >
                    {lists.kinds.map((k) => (
                        <option key={k} value={k}>
                            {k === '' ? 'somebody' : `${k === 'end' ? 'an' : 'a'} ${k}`}
                        </option>
                    ))}
                    <option value="box">men in the box</option>
                </Select>
                {box ? (
                    <input
                        type="number"
                        min={5}
                        max={11}
                        aria-label={`${label}: how many men in the box`}
                        value={need.box ?? ''}
                        onChange={(e) => onNeed({ box: Number(e.target.value) })}
                        className={`${FIELD} w-14`}
                    />
                ) : (
                    <Select
                        aria-label={`${label}: does what`}
                        value={need.acts[0] ?? ''}
                        required
                        onChange={(e) => onNeed({ acts: e.target.value ? [e.target.value] : [] })}
                    >
                        <option value="">does …</option>
                        {lists.acts.map((a) => (
                            <option key={a} value={a}>
                                {a}
                            </option>
                        ))}
                    </Select>
                )}
                <input
                    type="number"
                    min={1}
                    max={20}
                    aria-label={`${label}: how often`}
                    value={need.times}
                    onChange={(e) => onNeed({ times: Math.max(1, Number(e.target.value)) })}
                    className={`${FIELD} w-14`}
                />
                {need.times === 1 ? 'time' : 'times'}
                {onGone && (
                    <button type="button" aria-label={`Take out ${label}`} className="px-1" onClick={onGone}>
                        ×
                    </button>
                )}
            </span>
        </Row>
    );
}

type ManyProps = {
    label: string;
    none: string;
    list: string[];
    chosen: string[];
    onChosen: (chosen: string[]) => void;
};

/** Several of a list, each taken out again by its own button. */
function Many({ label, none, list, chosen, onChosen }: ManyProps) {
    return (
        <Row label={label}>
            <span className="flex flex-wrap items-center gap-1.5">
                {chosen.map((c) => (
                    <span key={c} className="rounded bg-faint px-1.5 py-0.5">
                        {c}
                        <button
                            type="button"
                            aria-label={`${label}: take out ${c}`}
                            className="pl-1"
                            onClick={() => onChosen(chosen.filter((o) => o !== c))}
                        >
                            ×
                        </button>
                    </span>
                ))}
                <Select
                    aria-label={label}
                    value=""
                    onChange={(e) => e.target.value && onChosen([...chosen, e.target.value])}
                >
                    <option value="">{chosen.length === 0 ? none : 'or …'}</option>
                    {list
                        .filter((l) => !chosen.includes(l))
                        .map((l) => (
                            <option key={l} value={l}>
                                {capital(l)}
                            </option>
                        ))}
                </Select>
            </span>
        </Row>
    );
}

function Row({ label, children }: { label: string; children: ReactNode }) {
    return (
        <div className="flex items-start gap-2">
            <span className="w-16 shrink-0 pt-1 text-soft">{label}</span>
            <div className="min-w-0 flex-1">{children}</div>
        </div>
    );
}
