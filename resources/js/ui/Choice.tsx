import { Select } from './Select';
type Props = {
    label: string;
    value: string;
    /** What is so when nothing is chosen. */
    empty: string;
    options: readonly string[];
    unit?: string;
    disabled?: boolean;
    onChange: (value: string) => void;
};

/** One choice of a few words, with what holds when none is made. */
export function Choice({ label, value, empty, options, unit = '', disabled, onChange }: Props) {
    return (
        <label className="block min-w-0 text-[11px] text-soft narrow">
            {label}
            <Select
                tight
                aria-label={label}
                value={value}
                disabled={disabled}
                onChange={(e) => onChange(e.target.value)}
                className="block w-full truncate text-[13px] font-semibold"
            >
                <option value="">{empty}</option>
                {options.map((o) => (
                    <option key={o} value={o}>
                        {o}
                        {unit}
                    </option>
                ))}
            </Select>
        </label>
    );
}
