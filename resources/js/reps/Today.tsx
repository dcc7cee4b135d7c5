import { Asked } from './Asked';
import { useReps } from './useReps';

/** A man's questions of the day. */
export function Today({ player }: { player: string }) {
    const reps = useReps(player);
    const data = reps.day.data;
    if (reps.day.isError) return <p className="p-8 text-soft">The questions did not arrive. Load the page again.</p>;
    if (!data) return <p className="p-8 text-soft">Today's questions are dealt …</p>;
    return (
        <div className="h-full overflow-y-auto p-5 stacked:h-auto stacked:p-3">
            <div className="mx-auto max-w-5xl">
                <header className="mb-4 flex items-center gap-4">
                    <h1 className="text-sm font-bold">
                        {data.player.letter} {data.player.name}
                    </h1>
                    <Progress done={reps.done} all={reps.all} />
                </header>
                {reps.now ? (
                    <Asked
                        key={`${reps.now.question.id} ${reps.now.again}`}
                        player={player}
                        letter={data.player.letter}
                        question={reps.now.question}
                        again={reps.now.again}
                        onAnswered={reps.answered}
                        onNext={reps.next}
                    />
                ) : (
                    <Done
                        right={reps.right}
                        all={reps.all}
                        missed={reps.missed.map((q) => q.call ?? 'a call to be named')}
                    />
                )}
            </div>
        </div>
    );
}

function Progress({ done, all }: { done: number; all: number }) {
    return (
        <div className="flex flex-1 items-center gap-3 text-sm text-soft">
            <div aria-hidden="true" className="h-1.5 flex-1 overflow-hidden rounded bg-faint">
                <div className="h-full bg-ink" style={{ width: `${all === 0 ? 0 : (100 * done) / all}%` }} />
            </div>
            {all > 0 && (
                <span className="whitespace-nowrap">
                    {Math.min(done + 1, all)} of {all}
                </span>
            )}
        </div>
    );
}

function Done({ right, all, missed }: { right: number; all: number; missed: string[] }) {
    if (all === 0) {
        return <p className="text-soft">There is nothing to ask yet: the staff has no call and no look saved.</p>;
    }
    return (
        <section>
            <h2 className="text-2xl font-bold">
                Done for today: {right} of {all} right
            </h2>
            <p className="mt-1 text-soft">
                {missed.length === 0
                    ? 'What you know comes back after days, so that it stays.'
                    : `What you missed comes back tomorrow: ${[...new Set(missed)].join(', ')}.`}
            </p>
        </section>
    );
}
