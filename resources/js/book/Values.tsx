import type { StaffBook } from '../api/types';
import { plain } from '../ui/words';
import type { Lists } from '../api/useBook';

type Props = { data: StaffBook; onSave: (lists: Lists, words: string) => Promise<boolean> };

/** Numbers for which there is no common practice: ours, else the product's own so labelled, else unset. */
export function Values({ data, onSave }: Props) {
    const values = data.book.values ?? [];
    const set = (id: string, text: string) => {
        const rest = values.filter((v) => v.id !== id);
        const was = values.find((v) => v.id === id);
        if (text === '' ? !was : was?.value === Number(text)) return;
        void onSave({ values: text === '' ? rest : [...rest, { id, value: Number(text) }] }, 'Saved in the book');
    };
    return (
        <table className="w-full border-collapse text-left text-[13px]">
            <thead>
                <tr className="label border-b border-edge">
                    <th className="py-1">Value</th>
                    <th className="w-[150px]">Ours</th>
                    <th className="w-[150px]">Until then</th>
                    <th className="w-[240px]">Finding it holds back</th>
                    <th className="w-[200px]">What would decide it</th>
                    <th className="w-[120px]">Set by, on</th>
                </tr>
            </thead>
            <tbody>
                {data.open.map((v) => {
                    const own = values.find((one) => one.id === v.id);
                    return (
                        <tr key={v.id} className="border-b border-faint">
                            <th scope="row" className="py-1.5 pr-3 font-semibold">
                                {v.what}
                            </th>
                            <td>
                                <input
                                    key={own?.value ?? 'unset'}
                                    aria-label={v.what}
                                    type="number"
                                    step="any"
                                    min={v.least}
                                    max={v.most}
                                    defaultValue={own?.value ?? ''}
                                    placeholder="unset"
                                    onBlur={(e) => set(v.id, e.target.value)}
                                    onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
                                    className="field w-24"
                                />
                            </td>
                            <td className="text-[12px] text-soft">
                                {v.default === null ? 'unset' : `product default ${plain(v.default)}`}
                            </td>
                            <td className="pr-2 text-[12px]">
                                {own || v.default !== null ? <span className="text-soft">{v.holds}</span> : v.holds}
                            </td>
                            <td className="text-[12px] text-soft">{v.decides}</td>
                            <td className="text-[12px] text-soft">
                                {own ? (
                                    <>
                                        <b className="text-ink">{own.owner}</b>, {own.on}
                                    </>
                                ) : (
                                    ''
                                )}
                            </td>
                        </tr>
                    );
                })}
            </tbody>
        </table>
    );
}
