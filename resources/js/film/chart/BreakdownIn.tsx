import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate, useSearch } from '@tanstack/react-router';
import { useState } from 'react';
import { toast } from 'sonner';
import { api, Problem } from '../../api/client';
import type { FilmDocument, ReelPage } from '../../api/types';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';

type Errors = { field: string; cell: string; why: string }[];
type Preview = {
    headings: string[];
    rows: number;
    mapping: (string | null)[];
    fields: Record<string, string>;
    preview: { row: number; document: FilmDocument; errors: Errors }[];
    first: string[][];
};

/** A breakdown of somebody else's comes in: which column is what, how it will read, what cannot be read, then it is kept. */
export function BreakdownIn() {
    const { reel: id } = useSearch({ from: '/breakdown' });
    const navigate = useNavigate();
    const client = useQueryClient();
    const reel = useQuery({
        queryKey: ['reel', id],
        enabled: Boolean(id),
        queryFn: () => api.get<ReelPage>(`reels/${id}`),
    });
    const [file, setFile] = useState<File | null>(null);
    const [preview, setPreview] = useState<Preview | null>(null);
    const [problem, setProblem] = useState('');
    const [busy, setBusy] = useState(false);
    const form = (chosen: File, mapping?: (string | null)[]) => {
        const f = new FormData();
        f.append('file', chosen);
        if (mapping) f.append('mapping', JSON.stringify(mapping));
        return f;
    };
    const look = async (chosen: File, mapping?: (string | null)[]) => {
        setFile(chosen);
        setProblem('');
        if (chosen.name.toLowerCase().endsWith('.json')) return setPreview(null);
        try {
            setPreview(await api.upload<Preview>(`reels/${id}/breakdown/preview`, form(chosen, mapping)));
        } catch (e) {
            setProblem(e instanceof Problem ? e.message : 'The table could not be read.');
        }
    };
    const keep = async () => {
        if (!file) return;
        setBusy(true);
        try {
            const done = await api.upload<{ kept: number; wrong: number }>(
                `reels/${id}/breakdown`,
                form(file, preview?.mapping),
            );
            void client.invalidateQueries({ queryKey: ['reel'] });
            void client.invalidateQueries({ queryKey: ['reels'] });
            toast(
                `${done.kept} snaps kept${done.wrong > 0 ? `; ${done.wrong} have something in their note that could not be read` : ''}.`,
            );
            void navigate({ to: '/film', search: { reel: id } });
        } catch (e) {
            setProblem(e instanceof Problem ? e.message : 'Nothing was kept. Try again.');
        } finally {
            setBusy(false);
        }
    };
    const map = (column: number, field: string) => {
        if (!file || !preview) return;
        const mapping = preview.mapping.map((f, i) => (i === column ? field || null : f === field ? null : f));
        void look(file, mapping);
    };
    const wrong = preview?.preview.filter((p) => p.errors.length > 0) ?? [];
    return (
        <article className="h-full overflow-y-auto px-8 py-6" tabIndex={0} aria-label="Breakdown">
            <h1 className="text-2xl font-extrabold">A breakdown into {reel.data?.title ?? 'the reel'}</h1>
            <p className="max-w-prose pt-1 text-sm text-soft">
                A table as CSV (commas, semicolons or tabs), or a reel as JSON from this program. Nothing is lost: what
                cannot be read goes into the snap’s note.
            </p>
            <input
                type="file"
                aria-label="Table"
                accept=".csv,.tsv,.txt,.json,text/csv,application/json"
                onChange={(e) => e.target.files?.[0] && void look(e.target.files[0])}
                className="mt-3 block text-sm"
            />
            <p role="alert" className="min-h-6 font-semibold text-ball">
                {problem}
            </p>
            {preview && (
                <>
                    <h2 className="label">
                        {preview.rows} rows. Say what each column is; the first rows stand below it.
                    </h2>
                    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Columns">
                        <table className="mt-1 border-collapse text-sm">
                            <thead>
                                <tr>
                                    {preview.headings.map((h, i) => (
                                        <th
                                            key={i}
                                            className="border border-edge bg-card p-1.5 text-left align-top font-semibold"
                                        >
                                            {h}
                                            <Select
                                                aria-label={`Column ${h} is`}
                                                value={preview.mapping[i] ?? ''}
                                                onChange={(e) => map(i, e.target.value)}
                                                className="mt-1 block text-xs"
                                            >
                                                <option value="">into the note</option>
                                                {Object.entries(preview.fields).map(([f, name]) => (
                                                    <option key={f} value={f}>
                                                        {name}
                                                    </option>
                                                ))}
                                            </Select>
                                        </th>
                                    ))}
                                </tr>
                            </thead>
                            <tbody>
                                {preview.first.map((row, i) => (
                                    <tr key={i}>
                                        {preview.headings.map((_, c) => (
                                            <td
                                                key={c}
                                                className="max-w-44 truncate border border-faint px-1.5 py-0.5 text-xs"
                                            >
                                                {row[c]}
                                            </td>
                                        ))}
                                    </tr>
                                ))}
                            </tbody>
                        </table>
                    </div>
                    <h2 className="label mt-4">
                        How the first {preview.preview.length} read
                        {wrong.length > 0 ? `; ${wrong.length} of them have something that does not` : ''}
                    </h2>
                    <ul className="text-sm">
                        {preview.preview.map((p) => (
                            <li key={p.row} className="border-b border-faint py-0.5">
                                <b>Row {p.row}</b> {told(p.document)}
                                {p.errors.map((e) => (
                                    <span key={e.field + e.cell} className="ml-2 text-ball">
                                        {preview.fields[e.field] ?? e.field} “{e.cell}”: {e.why}
                                    </span>
                                ))}
                            </li>
                        ))}
                    </ul>
                </>
            )}
            <p className="sticky bottom-0 mt-4 flex gap-3 bg-paper py-3">
                <Button kind="strong" disabled={!file || busy} onClick={() => void keep()}>
                    {busy ? 'Keeping…' : preview ? `Keep ${preview.rows} snaps` : 'Keep it'}
                </Button>
                <Link to="/film" search={{ reel: id }} className="self-center text-sm underline">
                    Not now
                </Link>
            </p>
        </article>
    );
}

function told(d: FilmDocument): string {
    const s = d.situation ?? {};
    const c = d.chart ?? {};
    return [
        s.down ? `${s.down} & ${s.toGoYd ?? '?'}` : '',
        typeof d.call === 'string' ? d.call : 'call unknown',
        typeof d.look === 'string' ? `against ${d.look}` : '',
        c.result ?? '',
        c.gainYd === undefined ? '' : String(c.gainYd),
        c.note ? `note: ${c.note}` : '',
    ]
        .filter(Boolean)
        .join(', ');
}
