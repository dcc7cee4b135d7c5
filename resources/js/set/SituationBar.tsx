import { Popover } from 'radix-ui';
import type { Situation } from '../api/useProof';
import { Select } from '../ui/Select';

type Props = { situation: Situation; onChange: (s: Situation) => void };

const ORDER = ['', '1st', '2nd', '3rd', '4th'];

/** Down, to go, spot and hash the call is proved in. */
export function SituationBar({ situation: s, onChange }: Props) {
    const spot = s.ballOnYd === 50 ? 'the 50' : s.ballOnYd < 50 ? `own ${s.ballOnYd}` : `their ${100 - s.ballOnYd}`;
    return (
        <Popover.Root>
            <Popover.Trigger className="rounded-md px-2 py-1 text-left text-xs text-soft narrow hover:text-ink">
                <span className="block text-sm font-semibold text-ink">
                    {ORDER[s.down]} & {s.toGoYd}
                </span>
                {spot}, {s.hash === 'middle' ? 'middle' : `${s.hash} hash`}
            </Popover.Trigger>
            <Popover.Portal>
                <Popover.Content
                    sideOffset={6}
                    className="z-30 grid w-56 grid-cols-2 gap-3 rounded-md border border-edge bg-paper p-4 shadow-lg"
                >
                    <Number name="Down" value={s.down} min={1} max={4} onChange={(down) => onChange({ ...s, down })} />
                    <Number
                        name="To go, yd"
                        value={s.toGoYd}
                        min={1}
                        max={Math.min(40, 100 - s.ballOnYd)}
                        onChange={(toGoYd) => onChange({ ...s, toGoYd })}
                    />
                    <Number
                        name="Ball on, yd"
                        value={s.ballOnYd}
                        min={1}
                        max={99}
                        onChange={(ballOnYd) =>
                            onChange({ ...s, ballOnYd, toGoYd: Math.min(s.toGoYd, 100 - ballOnYd) })
                        }
                    />
                    <label className="text-xs text-soft">
                        Hash
                        <Select
                            value={s.hash}
                            onChange={(e) => onChange({ ...s, hash: e.target.value as Situation['hash'] })}
                            className="mt-1 block w-full text-sm"
                        >
                            <option value="left">left</option>
                            <option value="middle">middle</option>
                            <option value="right">right</option>
                        </Select>
                    </label>
                    <label className="col-span-2 text-xs text-soft">
                        Rule book
                        <Select
                            value={s.rules}
                            onChange={(e) => onChange({ ...s, rules: e.target.value as Situation['rules'] })}
                            className="mt-1 block w-full text-sm"
                        >
                            <option value="nfhs">High school (NFHS)</option>
                            <option value="ncaa">College (NCAA)</option>
                            <option value="nfl">Professional (NFL)</option>
                        </Select>
                    </label>
                </Popover.Content>
            </Popover.Portal>
        </Popover.Root>
    );
}

function Number({
    name,
    value,
    min,
    max,
    onChange,
}: {
    name: string;
    value: number;
    min: number;
    max: number;
    onChange: (n: number) => void;
}) {
    return (
        <label className="text-xs text-soft">
            {name}
            <input
                type="number"
                value={value}
                min={min}
                max={max}
                onChange={(e) =>
                    e.target.value !== '' && onChange(Math.max(min, Math.min(max, e.target.valueAsNumber)))
                }
                className="mt-1 block w-full rounded-md border border-edge bg-paper px-2 py-1 text-sm text-ink"
            />
        </label>
    );
}
