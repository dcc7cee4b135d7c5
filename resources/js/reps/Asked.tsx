import { clsx } from 'clsx';
import type { RepAnswered, RepQuestion } from '../api/repTypes';
import { PlayPicture } from '../drawing/PlayPicture';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys/useKeys';
import { dayWords } from '../ui/words';
import { useAsked } from './useAsked';

type Props = {
    player: string;
    letter: string;
    question: RepQuestion;
    again: boolean;
    onAnswered: (right: boolean) => void;
    onNext: () => void;
};

/** One question with its picture, the answers that are offered, and why the right one is right. */
export function Asked({ player, letter, question, again, onAnswered, onNext }: Props) {
    const { picture, frames, t, isStill, chosen, answer, tookS, choose } = useAsked(player, question, onAnswered);
    useKeys(
        '1,2,3,4,5,6,7',
        'Answer',
        (e) => {
            const choice = question.choices[Number(e.key) - 1];
            if (choice) void choose(choice.value);
        },
        [question, isStill, chosen],
    );
    useKeys('enter', 'The next question', () => answer && onNext(), [answer, onNext]);
    const call = answer?.call ?? question.call;
    const look = answer?.look ?? question.look;
    return (
        <article className="flex flex-col gap-3">
            <header>
                <p className="text-sm text-soft">
                    {call && (
                        <>
                            <b className="text-ink">{call}</b> {question.words}
                        </>
                    )}
                    {look && <> against {look}</>}
                </p>
                <h2 className="text-xl font-bold text-balance">
                    {again && <span className="text-soft">Once more: </span>}
                    {question.asks}
                </h2>
            </header>
            <div className="grid grid-cols-[minmax(0,1fr)_300px] gap-4 stacked:block">
                <div className="overflow-hidden rounded-md border border-edge bg-paper">
                    {picture.data ? (
                        <PlayPicture
                            stage={picture.data.stage}
                            frames={frames}
                            t={t}
                            ringed={letter}
                            told={answer !== null || DRAWN.has(question.kind)}
                            label={`The men of ${call ?? 'a call'}, you are ${letter}`}
                        />
                    ) : (
                        <p className="p-8 text-soft">
                            {picture.isError ? 'The picture did not arrive.' : 'The men line up …'}
                        </p>
                    )}
                </div>
                <div className="flex flex-col gap-2 stacked:mt-3">
                    <ol className="flex flex-col gap-2">
                        {question.choices.map((choice, n) => (
                            <li key={choice.value}>
                                <Offered
                                    number={n + 1}
                                    label={choice.label}
                                    mark={markOf(choice.value, chosen, answer)}
                                    disabled={!isStill || chosen !== null}
                                    onClick={() => void choose(choice.value)}
                                />
                            </li>
                        ))}
                    </ol>
                    <div aria-live="polite">
                        {answer && (
                            <Said
                                answer={answer}
                                again={again}
                                took={`${tookS.toFixed(1)} s; the play leaves you ${question.allowedS}`}
                                onNext={onNext}
                            />
                        )}
                    </div>
                </div>
            </div>
        </article>
    );
}

/** Kinds whose question is about what is drawn: the routes are there from the start. */
const DRAWN = new Set<RepQuestion['kind']>(['call', 'legal']);

type Mark = 'right' | 'missed' | null;

function markOf(value: string, chosen: string | null, answer: RepAnswered | null): Mark {
    if (answer === null) return null;
    if (answer.answers.includes(value)) return 'right';
    return value === chosen ? 'missed' : null;
}

function Offered({
    number,
    label,
    mark,
    disabled,
    onClick,
}: {
    number: number;
    label: string;
    mark: Mark;
    disabled: boolean;
    onClick: () => void;
}) {
    return (
        <button
            type="button"
            aria-disabled={disabled}
            onClick={onClick}
            className={clsx(
                'flex min-h-11 w-full items-center gap-3 rounded-md border px-3 py-2 text-left text-[15px]',
                mark === 'right' && 'border-open bg-open-wash font-bold',
                mark === 'missed' && 'border-ball bg-ball-wash',
                mark === null && 'border-edge bg-paper',
                mark === null && (disabled ? 'cursor-default text-soft' : 'hover:border-ink'),
            )}
        >
            <span aria-hidden="true" className="w-4 shrink-0 text-center font-bold">
                {mark === 'right' ? '✓' : mark === 'missed' ? '✗' : number}
            </span>
            <span>
                {label}
                {mark && <span className="sr-only">{mark === 'right' ? ', right' : ', your answer, not right'}</span>}
            </span>
        </button>
    );
}

type SaidProps = { answer: RepAnswered; again: boolean; took: string; onNext: () => void };

function Said({ answer, again, took, onNext }: SaidProps) {
    return (
        <div className="rounded-md bg-card p-3">
            <p className="font-bold">{answer.right ? 'Right.' : `It was: ${answer.said}.`}</p>
            <p className="text-sm">{answer.why}</p>
            <p className="mt-1 text-xs text-soft">{took}.</p>
            {answer.kept && !again && answer.comesOn && (
                <p className="mt-1 text-xs text-soft">Asked again on {dayWords(answer.comesOn)}.</p>
            )}
            {answer.waits && (
                <p className="mt-1 text-xs text-soft">
                    Kept on this phone: it goes to the staff when there is a network again.
                </p>
            )}
            {!answer.kept && <p className="mt-1 text-xs text-soft">Only tried: it is not kept, you are not he.</p>}
            <Button kind="strong" className="mt-2 min-h-11 w-full" keys="Enter" onClick={onNext}>
                Next
            </Button>
        </div>
    );
}
