import { forwardRef, useState, type ReactNode } from 'react';
import { clsx } from 'clsx';

type Props = {
    label: string;
    text: string;
    onText: (text: string) => void;
    placeholder: string;
    /** Words that may come next. */
    options: string[];
    /** The text with one of them taken. */
    onTake: (option: string) => void;
    onSend: () => void;
    onCancel: () => void;
    onEditing: (editing: boolean) => void;
    wrong: boolean;
    describedBy?: string;
    className: string;
    /** Colour of the option that Tab takes. */
    picked: string;
    children?: ReactNode;
};

/** A line of words: Enter sends it, Tab takes the chosen completion, the down arrow chooses another, Escape leaves. */
export const WordLine = forwardRef<HTMLInputElement, Props>(function WordLine(p, ref) {
    const [pick, setPick] = useState(0);
    const id = `${p.label.toLowerCase().replace(/\W+/g, '-')}-completions`;
    const take = (option: string) => {
        p.onTake(option);
        setPick(0);
    };
    return (
        <div className="relative min-w-0 flex-1">
            <input
                ref={ref}
                role="combobox"
                aria-label={p.label}
                aria-expanded={p.options.length > 0}
                aria-controls={id}
                aria-autocomplete="list"
                aria-invalid={p.wrong}
                aria-describedby={p.describedBy}
                spellCheck={false}
                value={p.text}
                placeholder={p.placeholder}
                onFocus={() => p.onEditing(true)}
                onBlur={() => !p.wrong && p.onEditing(false)}
                onChange={(e) => {
                    p.onText(e.target.value);
                    setPick(0);
                }}
                onKeyDown={(e) => {
                    if (e.key === 'Enter') p.onSend();
                    else if (e.key === 'Tab' && !e.shiftKey && p.options.length > 0) {
                        e.preventDefault();
                        take(p.options[Math.min(pick, p.options.length - 1)]);
                    } else if (e.key === 'ArrowDown' && p.options.length > 0) {
                        e.preventDefault();
                        setPick((pick + 1) % p.options.length);
                    } else if (e.key === 'Escape') {
                        p.onCancel();
                        e.currentTarget.blur();
                    }
                }}
                className={clsx('w-full bg-transparent outline-none placeholder:text-soft', p.className)}
            />
            {p.children}
            {p.options.length > 0 && (
                <ul
                    id={id}
                    role="listbox"
                    aria-label={`Completions of the ${p.label.toLowerCase()}`}
                    className="absolute top-[calc(100%+2px)] left-0 z-20 flex gap-1 rounded-md border border-edge bg-paper p-1 text-[13px] shadow-lg"
                >
                    {p.options.map((o, i) => (
                        <li
                            key={o}
                            role="option"
                            aria-selected={i === pick}
                            onMouseDown={(e) => {
                                e.preventDefault();
                                take(o);
                            }}
                            className={clsx(
                                'cursor-pointer rounded px-2 py-0.5 whitespace-nowrap',
                                i === pick && p.picked,
                            )}
                        >
                            {o}
                        </li>
                    ))}
                </ul>
            )}
        </div>
    );
});
