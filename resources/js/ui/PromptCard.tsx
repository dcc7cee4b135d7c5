import { Link } from '@tanstack/react-router';
import { clsx } from 'clsx';
import type { Prompt } from '../api/planTypes';
import { capital } from './words';

const ANSWERS: [NonNullable<Prompt['answer']>, string][] = [
    ['taken', 'Taken'],
    ['off', 'Put off'],
    ['wrong', 'Wrong'],
];

type Props = {
    prompt: Prompt;
    busy: boolean;
    onSay: (answer: Prompt['answer']) => void;
    onOpen?: (title: string, ids: string[]) => void;
};

/** A trigger: what was seen how often, what to call because of it, and what the staff makes of it. */
export function PromptCard({ prompt: p, busy, onSay, onOpen }: Props) {
    const due = p.state === 'due';
    return (
        <article
            aria-label={p.name}
            className={clsx(
                'border-l-4 py-1 pl-2.5 text-[13px]',
                due ? 'border-ball' : 'border-edge',
                p.answer !== null && 'border-dashed',
            )}
        >
            <h3 className="font-bold">
                {p.name}
                {p.picture && <span className="font-normal text-soft"> from {p.picture}</span>}
            </h3>
            <ul>
                {p.needs.map((n) => (
                    <li key={n.words}>
                        {capital(n.words)}:{' '}
                        {onOpen && n.ids.length > 0 ? (
                            <button
                                type="button"
                                className="font-bold underline"
                                aria-label={`${n.seen} of ${n.times}, ${n.words}: watch`}
                                onClick={() => onOpen(`${p.name}: ${n.words}`, n.ids)}
                            >
                                {n.seen} of {n.times}
                            </button>
                        ) : (
                            <b>
                                {n.seen} of {n.times}
                            </b>
                        )}
                    </li>
                ))}
            </ul>
            {due && (
                <p>
                    Call{' '}
                    {p.calls.length === 0
                        ? p.then.join(' or ')
                        : p.calls.slice(0, 3).map((c, i) => (
                              <span key={c.id}>
                                  {i > 0 && ', '}
                                  <Link to="/board" search={{ call: c.id }} className="font-bold text-ball">
                                      {c.name}
                                  </Link>
                              </span>
                          ))}
                    {p.why && `: ${p.why}`}.
                </p>
            )}
            {due && (
                <p className="no-print mt-0.5 flex gap-3 text-[12px] narrow">
                    {ANSWERS.map(([id, label]) => (
                        <button
                            key={id}
                            type="button"
                            disabled={busy}
                            aria-pressed={p.answer === id}
                            onClick={() => onSay(id)}
                            className={clsx(
                                'stacked:min-h-11',
                                p.answer === id ? 'font-bold text-ink' : 'text-soft underline hover:text-ink',
                            )}
                        >
                            {label}
                        </button>
                    ))}
                    {p.wrong > 0 && <span className="text-soft">told wrong in {p.wrong} games</span>}
                </p>
            )}
        </article>
    );
}
