import { Tabs } from 'radix-ui';
import { useState } from 'react';
import { Exchange } from './Exchange';
import { OwnFamilies } from './OwnFamilies';
import { OwnWords } from './OwnWords';
import { Schools } from './Schools';
import { useBook } from '../api/useBook';
import { Values } from './Values';

const PLACES = [
    ['schools', 'Where staffs disagree'],
    ['values', 'Values without a school'],
    ['words', 'Our words'],
    ['families', 'Our families'],
    ['exchange', 'In and out'],
] as const;

/** The staff book: every choice with its owner, date and what it changes, and what is the staff's own. */
export function Book() {
    const book = useBook();
    const [tab, setTab] = useState<string>('schools');
    if (!book.data) return <p className="p-8 text-soft">Opening the book…</p>;
    return (
        <Tabs.Root value={tab} onValueChange={setTab} className="flex h-full flex-col stacked:h-auto print:h-auto">
            <header className="flex items-center gap-6 border-b border-edge px-6 py-2 stacked:flex-wrap stacked:gap-x-4 stacked:gap-y-0 stacked:px-4">
                <h1 className="text-lg font-bold">Staff book</h1>
                <Tabs.List aria-label="Part of the book" className="flex gap-5 stacked:flex-wrap stacked:gap-y-0">
                    {PLACES.map(([value, label]) => (
                        <Tabs.Trigger
                            key={value}
                            value={value}
                            className="border-b-2 border-transparent py-1 text-sm font-semibold text-soft narrow data-[state=active]:border-ink data-[state=active]:text-ink"
                        >
                            {label}
                        </Tabs.Trigger>
                    ))}
                </Tabs.List>
                <span className="ml-auto text-[12px] text-soft narrow">
                    version {book.data.version}, saved as you change it
                </span>
            </header>
            {book.data.leftOut.length > 0 && (
                <ul role="alert" aria-label="Left out" className="border-b border-edge bg-card px-6 py-2 text-[13px]">
                    {book.data.leftOut.map((why) => (
                        <li key={why}>Left out: {why}</li>
                    ))}
                </ul>
            )}
            <div className="min-h-0 flex-1 overflow-y-auto px-6 py-3 stacked:overflow-x-auto stacked:px-4">
                <Tabs.Content value="schools">
                    <Schools data={book.data} onSave={book.save} />
                </Tabs.Content>
                <Tabs.Content value="values">
                    <Values data={book.data} onSave={book.save} />
                </Tabs.Content>
                <Tabs.Content value="words">
                    <OwnWords data={book.data} onSave={book.save} />
                </Tabs.Content>
                <Tabs.Content value="families">
                    <OwnFamilies data={book.data} onSave={book.save} />
                </Tabs.Content>
                <Tabs.Content value="exchange">
                    <Exchange data={book.data} onDone={book.settled} />
                </Tabs.Content>
            </div>
        </Tabs.Root>
    );
}
