import { useQuery, useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import { api } from '../api/client';
import type { StaffWords } from '../api/types';
import { Button } from '../ui/Button';
import { Select } from '../ui/Select';
import { useWrite } from '../api/useWrite';

const MEN: Record<string, string> = {
    X: 'split end',
    Z: 'flanker',
    H: 'slot or wing',
    Y: 'tight end',
    R: 'running back',
    F: 'second back',
};

/** What this staff calls its men, its techniques and its cadence. */
export function StaffWordsForm() {
    const client = useQueryClient();
    const words = useQuery({ queryKey: ['staff-words'], queryFn: () => api.get<StaffWords>('staff-words') });
    const { write } = useWrite({
        send: ({ body, version }: { body: object; version: number }) => api.put('staff-words', body, version),
        otherwise: 'Not saved.',
        done: async () => {
            await client.invalidateQueries();
            toast('Saved the words of the staff');
        },
    });
    if (!words.data) return null;
    const now = words.data;
    const save = async (form: HTMLFormElement) => {
        const data = new FormData(form);
        const letters = Object.fromEntries(
            Object.keys(MEN).map((l) => [l, String(data.get(`letter-${l}`)).toUpperCase()]),
        );
        const cadence = {
            words: String(data.get('cadence'))
                .split(/[\s,]+/)
                .filter(Boolean),
            beatS: Number(data.get('beat')),
            soundS: Number(data.get('sound')),
        };
        const groups = Object.fromEntries(
            String(data.get('groups'))
                .split(',')
                .map((pair) => pair.split('=').map((word) => word.trim()))
                .filter(([name]) => name),
        );
        await write({ body: { letters, groups, school: data.get('school'), cadence }, version: now.version });
    };
    return (
        <form
            key={now.version}
            aria-label="Words of the staff"
            onSubmit={(e) => {
                e.preventDefault();
                void save(e.currentTarget);
            }}
            className="space-y-4 text-[13px]"
        >
            <h2 className="text-[16px] font-semibold">Our words</h2>
            <fieldset>
                <legend className="label mb-1">Letters of the men</legend>
                <div className="grid grid-cols-2 gap-1.5">
                    {Object.entries(MEN).map(([letter, what]) => (
                        <label key={letter} className="flex items-center gap-2">
                            <input
                                name={`letter-${letter}`}
                                aria-label={`Letter of the ${what}`}
                                defaultValue={now.letters[letter]}
                                maxLength={1}
                                className="field w-9 text-center font-bold uppercase"
                            />
                            {what}
                        </label>
                    ))}
                </div>
            </fieldset>
            <label className="block">
                <span className="label">Personnel groups: a name = backs and tight ends</span>
                <input
                    name="groups"
                    defaultValue={Object.entries(now.groups ?? {})
                        .map(([name, figures]) => `${name} = ${figures}`)
                        .join(', ')}
                    placeholder="base = 11, heavy = 21"
                    className="field mt-1 w-full"
                />
            </label>
            <label className="block">
                <span className="label">Names of the techniques</span>
                <Select name="school" defaultValue={now.school} className="mt-1 w-full">
                    <option value="inside eye">
                        Inside eye: 1 is a shade, 2i, 2, 3 on the guard, 6i on the tight end
                    </option>
                    <option value="count out">Count out: shade, 1, 2, 3 on the guard, 7 inside the tight end</option>
                </Select>
            </label>
            <label className="block">
                <span className="label">Cadence, the ball on the last word</span>
                <input name="cadence" defaultValue={now.cadence.words.join(' ')} className="field mt-1 w-full" />
            </label>
            <div className="flex gap-3">
                <label>
                    <span className="label block">Word to word, s</span>
                    <input
                        name="beat"
                        type="number"
                        step={0.05}
                        defaultValue={now.cadence.beatS}
                        className="field w-20"
                    />
                </label>
                <label>
                    <span className="label block">A word lasts, s</span>
                    <input
                        name="sound"
                        type="number"
                        step={0.05}
                        defaultValue={now.cadence.soundS}
                        className="field w-20"
                    />
                </label>
            </div>
            <Button type="submit" kind="strong">
                Save our words
            </Button>
        </form>
    );
}
