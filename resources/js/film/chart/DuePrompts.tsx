import { useTriggers } from '../../api/useTriggers';
import { PromptCard } from '../../ui/PromptCard';

/** As many are shown beside the charting as leave room for it. */
const SHOWN = 2;

/** What this game has made due, while it is charted; what was answered is put away. */
export function DuePrompts({ reel, counted }: { reel: string; counted: unknown }) {
    const { triggers, say, busy } = useTriggers(reel, counted);
    const due = (triggers?.prompts ?? []).filter((p) => p.state === 'due' && p.answer === null);
    if (due.length === 0) return null;
    return (
        <section aria-label="Triggers that are due" className="my-2 grid gap-2">
            {due.slice(0, SHOWN).map((p) => (
                <PromptCard key={p.trigger + p.picture} prompt={p} busy={busy} onSay={(answer) => say(p, answer)} />
            ))}
            {due.length > SHOWN && (
                <p className="text-xs text-soft">{due.length - SHOWN} more are due: Numbers, Triggers.</p>
            )}
        </section>
    );
}
