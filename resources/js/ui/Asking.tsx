import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { useAsking, type Question } from './asking';
import { Button } from './Button';

/** The one window in which the program asks for a word or for a yes. Enter gives the answer, Esc leaves it open. */
export function Asking() {
    const { question, answer } = useAsking();
    return (
        <Dialog.Root open={question !== null} onOpenChange={(on) => !on && answer(null)}>
            <Dialog.Portal>
                <Dialog.Overlay className="fixed inset-0 z-40 bg-black/50" />
                {question && <Window key={question.title} question={question} onAnswer={answer} />}
            </Dialog.Portal>
        </Dialog.Root>
    );
}

function Window({ question, onAnswer }: { question: Question; onAnswer: (said: string | null) => void }) {
    const [word, setWord] = useState(question.value ?? '');
    const asksWord = question.label !== undefined;
    return (
        <Dialog.Content
            aria-describedby={undefined}
            className="fixed top-1/2 left-1/2 z-50 w-[420px] max-w-[92vw] -translate-x-1/2 -translate-y-1/2 rounded-lg border border-edge bg-paper p-6 text-ink outline-none"
        >
            <Dialog.Title className="mb-4 text-lg font-bold">{question.title}</Dialog.Title>
            <form
                className="space-y-4"
                onSubmit={(e) => {
                    e.preventDefault();
                    onAnswer(asksWord ? word : 'yes');
                }}
            >
                {asksWord && (
                    <label className="block text-sm">
                        <span className="label">{question.label}</span>
                        <input
                            autoFocus
                            value={word}
                            maxLength={question.most ?? 120}
                            onChange={(e) => setWord(e.target.value)}
                            className="field mt-1 w-full"
                        />
                    </label>
                )}
                <div className="flex justify-end gap-2">
                    <Button kind="quiet" onClick={() => onAnswer(asksWord ? null : 'no')}>
                        {question.no ?? 'Leave it'}
                    </Button>
                    <Button kind="strong" type="submit" keys="Enter" disabled={asksWord && word.trim() === ''}>
                        {question.yes}
                    </Button>
                </div>
            </form>
        </Dialog.Content>
    );
}
