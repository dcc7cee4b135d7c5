import { Link } from '@tanstack/react-router';
import type { DrillRow } from '../api/drillTypes';
import { useDrillCards } from '../api/useDrillCards';
import { Button } from '../ui/Button';
import { Select } from '../ui/Select';
import { capital } from '../ui/words';
import { useDrillWork } from './useDrillWork';

type Props = {
    practice: string;
    /** Which period of it, from 0 on. */
    place: number;
    minutes: number;
    drills: string[];
    /** Whose drills they are, for the names of its fields. */
    name: string;
    onDrills: (drills: string[]) => void;
};

/** The drills of a period by group, each group beside the others; filled from what came again on film. */
export function Drills({ practice, place, minutes, drills, name, onDrills }: Props) {
    const work = useDrillWork(practice).data;
    const cards = useDrillCards().data?.drills ?? [];
    const of = (drill: string) => cards.find((c) => c.document.name === drill);
    const groups = [...new Set(drills.map((d) => of(d)?.document.group ?? 'no longer a card'))];
    const waiting = (work?.fitting[place] ?? []).filter((d) => !drills.includes(d));
    return (
        <div className="mt-1 ml-14 text-sm stacked:ml-0">
            <ul>
                {groups.map((group) => {
                    const mine = drills.filter((d) => (of(d)?.document.group ?? 'no longer a card') === group);
                    const sum = mine.reduce((all, d) => all + (of(d)?.document.minutes ?? 0), 0);
                    return (
                        <li key={group} className="flex flex-wrap items-baseline gap-x-3 border-b border-faint py-1">
                            <span className="w-24 text-soft">{capital(group)}</span>
                            {mine.map((d) => (
                                <Given
                                    key={d}
                                    drill={d}
                                    row={of(d)}
                                    why={work?.proposed.find((p) => p.drill === d)?.why}
                                    onGone={() => onDrills(drills.filter((other) => other !== d))}
                                />
                            ))}
                            {sum > minutes && (
                                <b className="text-ball">
                                    {sum} min of {minutes}
                                </b>
                            )}
                        </li>
                    );
                })}
            </ul>
            <div className="no-print mt-1 flex flex-wrap items-center gap-2">
                {waiting.length > 0 && (
                    <Button onClick={() => onDrills([...drills, ...waiting])}>
                        {drills.length === 0 ? 'Fill from the film' : 'Add what the film asks for'}
                    </Button>
                )}
                <Select
                    aria-label={`Add a drill to ${name}`}
                    value=""
                    onChange={(e) => e.target.value && onDrills([...drills, e.target.value])}
                >
                    <option value="">Add a drill …</option>
                    {[...new Set(cards.map((c) => c.document.group))].map((group) => (
                        <optgroup key={group} label={capital(group)}>
                            {cards
                                .filter((c) => c.document.group === group && !drills.includes(c.document.name))
                                .map(({ document }) => (
                                    <option key={document.name} value={document.name}>
                                        {capital(document.name)}, {document.minutes} min
                                    </option>
                                ))}
                        </optgroup>
                    ))}
                </Select>
                {drills.length === 0 && work?.proposed.length === 0 && (
                    <span className="text-soft">Nothing came twice on the latest film.</span>
                )}
            </div>
        </div>
    );
}

type GivenProps = { drill: string; row?: DrillRow; why?: string; onGone: () => void };

function Given({ drill, row, why, onGone }: GivenProps) {
    return (
        <span className="inline-flex items-baseline gap-1">
            {row ? (
                <Link
                    to="/practice/drills"
                    search={{ drill }}
                    className="font-semibold underline decoration-edge underline-offset-2"
                >
                    {capital(drill)}
                </Link>
            ) : (
                <b className="font-semibold">{capital(drill)}</b>
            )}
            {row && <span>{row.document.minutes} min</span>}
            {why && <span className="text-soft">({why})</span>}
            <button
                type="button"
                className="no-print px-1 text-soft hover:text-ink stacked:min-h-11 stacked:min-w-11"
                aria-label={`Take out ${drill}`}
                onClick={onGone}
            >
                ×
            </button>
        </span>
    );
}
