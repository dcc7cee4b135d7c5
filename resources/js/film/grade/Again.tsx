import { useQuery } from '@tanstack/react-query';
import { Link } from '@tanstack/react-router';
import { api } from '../../api/client';
import { capital } from '../../ui/words';

type Repeat = { man: string; letter: string | null; fault: string; label: string; text: string; state: string };

/** What the product noticed about the man who is graded: a fault that came again, came back, or is gone. */
export function Again({ letter }: { letter: string }) {
    const answer = useQuery({
        queryKey: ['week', 'repeats'],
        queryFn: () => api.get<{ repeats: Repeat[] }>('repeats'),
    });
    const his = (answer.data?.repeats ?? []).filter((r) => r.letter === letter).slice(0, 1);
    if (his.length === 0) return null;
    return (
        <p className="shrink-0 border-t border-faint px-3 py-0.5 leading-snug text-xs text-amber" role="note">
            {his.map((r) => (
                <Link
                    key={r.fault}
                    to="/teach"
                    search={{ fault: r.fault }}
                    className="mr-3 underline underline-offset-2"
                >
                    {capital(r.label)}: {r.text}
                </Link>
            ))}
        </p>
    );
}
