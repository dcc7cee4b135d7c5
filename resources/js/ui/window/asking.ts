import { create } from 'zustand';

export type Question = {
    title: string;
    /** What the field asks for; without it the question is answered by yes or no. */
    label?: string;
    value?: string;
    most?: number;
    /** What the strong button says. */
    yes: string;
    no?: string;
};

type Asking = { question: Question | null; answer: (said: string | null) => void };

/** The question that is open, and who waits for its answer. */
export const useAsking = create<Asking>(() => ({ question: null, answer: () => undefined }));

function ask(question: Question): Promise<string | null> {
    // Whoever asked before and was not answered is told so.
    useAsking.getState().answer(null);
    return new Promise((resolve) => {
        useAsking.setState({
            question,
            answer: (said) => {
                useAsking.setState({ question: null, answer: () => undefined });
                resolve(said);
            },
        });
    });
}

/** Asks for a word; null when it was left open or empty. */
export const askWord = async (question: Question & { label: string }): Promise<string | null> =>
    (await ask(question))?.trim() || null;

/** Asks for yes or no; null when it was left open. */
export const askYes = async (question: Question): Promise<boolean | null> => {
    const said = await ask(question);
    return said === null ? null : said === 'yes';
};
