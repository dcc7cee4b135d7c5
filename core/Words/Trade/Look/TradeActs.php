<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade\Look;

/**
 * What men of a look do, in any order: "bring the ss and will off the edge", "corner blitz from the boundary", "all
 * three backers blitz", "corners outside and soft". Common practice.
 */
final class TradeActs
{
    /** What is done, by what is said of it; the man stands where the sign is. */
    private const ACTS = [
        '(?:(?:cross|cat|dog|fire|x|edge)[ -]?)?(?:blitz(?:es|ing)?|dogs?)|cats?|fires?|pressures?' => '@ blitz',
        'com(?:es?|ing)|rush(?:es|ing)?|adds?' => '@ plays rush',
        'drop(?:s|ping)?(?: out| back)?|(?:drops?|plays?) (?:in |to |into )*(?:the )?hooks?' => '@ plays hook',
        '(?:(?:drops?|plays?|in|to) (?:in |to |into )*)?(?:the )?(flat|curl to flat|deep half|deep middle'
            .'|deep third)s?' => '@ plays $1',
        '(?:plays? |in |to )*(?:the )?(?:hole|middle hook|hook middle)' => '@ plays middle hook',
        '(?:plays? |drops? |in |to )*(?:the )?curls?' => '@ plays curl to flat',
        '(?:plays? |drops? |in |to )*(?:the )?quarters?' => '@ plays quarter',
        'trails?' => '@ plays trail',
        'buzz(?:es|ing)?' => '@ plays hook',
        '(?:plays? |in )*(?:the )?(?:deep )?middle' => '@ plays deep middle',
        'sp(?:y|ies|ying)(?: (?:the )?(?:qb|quarterback))?' => '@ plays spy',
        '(?:is |plays? )?(?:the )?(?:robber|rat|lurk)|robs|lurks' => '@ plays robber',
        '(?:cross|twist)(?:es|ing)?' => '@ cross',
        'walk(?:s|ed|ing)?(?: up| down)?|mug(?:s|ged|ging)?(?: up)?|(?:creep(?:s|ing)?|crept)(?: up)?'
            .'|up' => 'walked @',
        'press(?:es|ed|ing)?(?: up)?|jam(?:s|med|ming)?' => '@ press',
        'bail(?:s|ed|ing)?' => '@ bail',
        '(?:plays? |playing |at |off )*(?<!\d )(\d{1,2})(?! -?\d)(?: (?:deep|off|back))?' => '@ off $1',
        '(?:plays? |playing )?(?:off(?! the)|soft|loose)' => '@ off',
        'squats?|roll(?:s|ed)? up' => '@ off 5',
        '(?:plays? |playing |with )?(inside|outside|head[ -]up)(?: leverage| shade)?' => '@ $1',
        '(?:crash|pinch|squeeze)(?:es|ing)?' => '@ squeeze',
        '(?:slant|angle)(?:s|ing)?' => '@ slants',
        'scrap(?:es?|ing)' => '@ scrapes',
        'upfield' => '@ upfield',
        '(?:brackets?|doubles?)(?: on)? ([xyzhrf])' => '@ plays bracket on $1',
        '(?:plays? )?(?:mans? (?:up )?|locked )?(?:on|over|has|takes) (?:the )?([xyzhr])' => '@ plays man on $1',
    ];

    /** Acts that may go to a side. */
    private const MOVEMENTS = ['@ blitz', '@ cross', '@ squeeze', '@ slants'];

    /** What is said before the man and means one of the acts. */
    private const VERBS = ['blitz' => 'blitz', 'send' => 'comes', 'bring' => 'comes', 'fire' => 'blitz',
        'rush' => 'comes', 'drop' => 'drops', 'walk' => 'walks', 'walk up' => 'walks', 'mug' => 'mugs',
        'press' => 'press', 'robber by' => 'robber', 'spy by' => 'spy', 'pinch' => 'pinch', 'squeeze' => 'squeeze',
        'crash' => 'crash', 'slant' => 'slants', 'angle' => 'slants', 'soft' => 'soft', 'loose' => 'soft',
        'inside' => 'inside', 'outside' => 'outside', 'head up' => 'head-up', 'head-up' => 'head-up', 'bail' => 'bail'];

    /** Of those, where he stands: what else is said of him is said too. */
    private const STANDS = ['press', 'soft', 'loose', 'inside', 'outside', 'head up', 'head-up', 'bail'];

    /** What one corner does and not both, and what one man of the line does. */
    private const ALONE = '/blitz|rush|hook|spy|robber/';

    private const TOLD_ALONE = '/blitz|plays|walked/';

    /** Acts of corners alone: of another man they would mean something else. */
    private const CORNERS = '/^@ (?:off$|inside|outside|head-up|bail)/';

    /** Acts of men at the end of the line alone; the whole line pinches another way. */
    private const ENDS = '/^@ (?:squeeze|upfield)/';

    /** Where he goes; it changes nothing of his job. */
    private const WHERE = '(?:(?:off|from|around|through|in|over|to|on|up in|up on) )?(?:the )?(?:both )?'
        .'(?:edges?|slot|inside|outside|middle|[abcd][ -]?gaps?|line|ball|box)|up the middle|from depth|late';

    private const SIDE = '(?:(?:off|from|to) )?(?:the )?(field|boundary|strong|weak|left|right)(?: (?:side|edge))?';

    private string $pattern;

    private function __construct(private readonly DefendersSaid $who)
    {
        $men = '(?:the )?(?:'.DefendersSaid::pattern().')';
        $verbs = implode('|', array_keys(self::VERBS));
        $acts = '(?:is |are |all )?(?:'.implode('|', array_map(self::plain(...), array_keys(self::ACTS))).')';
        $where = self::WHERE.'|'.self::plain(self::SIDE);
        $this->pattern = "/^(?:(?<verb>$verbs) )??(?<men>$men(?: (?:and|&) $men)*)(?: (?<side>".self::plain(self::SIDE)
            ."))?(?<act>(?:(?: (?:and|&))? $acts)*)(?<where>(?: (?:$where))*)$/i";
    }

    /** What else is said of a look, put into words of the language where a part of it is men and what they do. */
    public static function of(string $rest, string $front): string
    {
        $self = new self(DefendersSaid::in($front));

        return implode(', ', array_map($self->part(...), explode(', ', $rest)));
    }

    /** Two things said with an "and": each by itself where both are told then. */
    private function joined(string $part): string
    {
        $two = preg_split('/(?:^|\s)(?:and|&)(?:\s|$)/i', $part, 2) ?: [];
        if (count($two) < 2) {
            return $part;
        }

        return implode(', ', array_map($this->part(...), array_filter($two, fn (string $one): bool => $one !== '')));
    }

    private function part(string $part): string
    {
        $part = trim(preg_replace('/\s+/', ' ', $part) ?? $part);
        if (preg_match($this->pattern, $part, $m) !== 1) {
            return $this->joined($part);
        }
        ['men' => $said, 'verb' => $verb] = $m;
        [$act, $where] = [$m['act'] ?? '', $m['where'] ?? ''];
        $before = strtolower($verb);
        $act = match (true) {
            in_array($before, self::STANDS, true) => self::VERBS[$before].$act,
            $act !== '' => $act,
            default => self::VERBS[$before] ?? self::actOf($where),
        };
        $side = self::side(($m['side'] ?? '')." $where");
        $men = $this->who->men($said, $side) ?? $this->who->together($said);
        $means = self::allMeant($act);

        // Who rushes or drops is one man, and his side has to be said.
        $both = $men !== null && $this->who->together($said) === $men;
        if ($both && preg_grep($men === ['corners'] ? self::ALONE : self::TOLD_ALONE, $means ?? []) !== []) {
            return $part;
        }

        return $men === null || $means === null
            ? $part
            : self::told($men, self::toward($side, $said, $men, $means)) ?? $part;
    }

    /** @return list<string>|null what all acts mean that are said one after the other; null where one is unknown */
    private static function allMeant(string $said): ?array
    {
        $means = [];
        $words = explode(' ', trim(preg_replace('/ (?:and|&)(?= )/i', '', strtolower($said)) ?? $said));
        while ($words !== []) {
            [$act, $taken] = self::longest($words);
            if ($act === null) {
                return null;
            }
            $means[] = $act;
            $words = array_slice($words, $taken);
        }

        // Who blitzes comes in any case.
        return in_array('@ blitz', $means, true) ? array_values(array_diff($means, ['@ plays rush'])) : $means;
    }

    /**
     * The act of as many words as make one.
     *
     * @param  non-empty-list<string>  $words
     * @return array{string|null, int} what it means, and how many words it takes
     */
    private static function longest(array $words): array
    {
        for ($n = count($words); $n > 0; $n--) {
            $said = preg_replace('/^(?:is|are|all) /', '', implode(' ', array_slice($words, 0, $n))) ?? '';
            $act = self::meant($said);
            if ($act !== null) {
                return [$act, $n];
            }
        }

        return [null, 0];
    }

    /**
     * A movement goes to the side that is said, unless it says who he is.
     *
     * @param  list<string>  $men
     * @param  list<string>  $means
     * @return list<string>
     */
    private static function toward(string $side, string $said, array $men, array $means): array
    {
        $named = preg_grep("/^$side /", $men) !== [] && ! str_starts_with(strtolower($said), "$side ");
        $isHe = $side === '' || $named || preg_match('/olb|outside/i', $said) === 1;

        return $isHe ? $means : array_map(
            fn (string $act): string => in_array($act, self::MOVEMENTS, true) ? "$act $side" : $act,
            $means,
        );
    }

    /**
     * @param  list<string>  $men
     * @param  list<string>  $means
     */
    private static function told(array $men, array $means): ?string
    {
        $told = [];
        foreach ($men as $man) {
            $isCorner = str_contains($man, 'corner');
            $isEnd = preg_match('/\bends?$/', $man) === 1;
            foreach ($means as $act) {
                $fits = preg_match(self::CORNERS, $act) !== 1 || $isCorner;
                if (! $fits || preg_match(self::ENDS, $act) === 1 && ! $isEnd) {
                    return null;
                }
                $told[] = str_replace('@', $man, $act);
            }
        }

        return implode(', ', $told);
    }

    private static function meant(string $act): ?string
    {
        foreach (self::ACTS as $said => $means) {
            if (preg_match("/^(?:$said)$/i", $act, $m) === 1) {
                $of = $m[1] ?? '';

                return str_replace(['$1', 'head up'], [strlen($of) === 1 ? strtoupper($of) : $of, 'head-up'], $means);
            }
        }

        return null;
    }

    private static function side(string $said): string
    {
        return preg_match('/\b(field|boundary|strong|weak|left|right)\b/i', $said, $m) === 1 ? strtolower($m[1]) : '';
    }

    /** What a man does of whom only is said where he goes: he comes off the edge, a gap is blitzed. */
    private static function actOf(string $where): string
    {
        return match (true) {
            preg_match('/\bedges?\b/i', $where) === 1 => 'comes',
            preg_match('/\bgaps?\b/i', $where) === 1 => 'blitz',
            default => '',
        };
    }

    /** A pattern without groups that catch. */
    private static function plain(string $pattern): string
    {
        return preg_replace('/\((?!\?)/', '(?:', $pattern) ?? $pattern;
    }
}
