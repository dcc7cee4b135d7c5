import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { useAsking, type Question } from './asking';
import { Button } from '../Button';
import { Window } from './Window';

/** The one window in which the program asks for a word or for a yes. Enter gives the answer, Esc leaves it open. */
export function Asking() {
    const { question, answer } = useAsking();
    return (
        <Dialog.Root open={question !== null} onOpenChange={(on) => !on && answer(null)}>
            {question && <Ask key={question.title} question={question} onAnswer={answer} />}
        </Dialog.Root>
    );
}

function Ask({ question, onAnswer }: { question: Question; onAnswer: (said: string | null) => void }) {
    const [word, setWord] = useState(question.value ?? '');
    const asksWord = question.label !== undefined;
    return (
        <Window title={question.title} className="w-[420px]">
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
        </Window>
    );
}
