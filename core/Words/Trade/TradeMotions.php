<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade;

/** What is said of a motion in words of the trade. Common practice. */
final class TradeMotions
{
    public const KINDS = 'jet|fly|orbit|short|return|trade|fast';

    /** A pattern and what stands in its place, one after the other. */
    public const RULES = [
        '\bfly\s+motion\b' => 'jet motion',
        '\byo-?yo(?:\s+motion)?\b' => 'return',
        '\bgoing\s+(?={side})' => '',
        '\b('.self::KINDS.')\s+({side})\s+by\s+{man}' => '$3 $1 $2',
        '(\bacross)\s+to\s+{set}(?:\s+{side})?' => '$1',
        '{man}\s+fly(?=(?:\s+{side})?\s*[,:]\s*{said run})' => '$1 jet',
        '(?<=right|left|\brt|\blt)\s+then\s+(?=[a-z])' => ', ',
        '\bmotion\s+{man}\s+across\b' => '$1 shift',
        '{man}\s+mo\b\.?' => '$1 motion',
        '{man}\s+in\s+('.self::KINDS.')(?:\s+motion)?\b' => '$1 $2',
        '{man}\s+shifts?\s+to\s+(?:the\s+)?(?={side})' => '$1 shift ',
        // A man who makes another set of it goes to its side.
        '{man}\s+(?:motions?|trades?|shifts?)\s+to\s+(?:trips|bunch|3x1)\s+(?={side})' => '$1 shift ',
        // "H motion jet left" and "H jet motion left" are one motion.
        '{man}\s+motion\s+('.self::KINDS.')\b' => '$1 $2',
        '\br\s+motions?\s+out\s+(?={side})' => 'R fast ',
        // A motion of which only the way is said goes there and sets.
        '{man}\s+motion\s+(?={side})' => '$1 shift ',
        '{man}\s+(?:motions?\s+)?across(?=\s*[,:;])' => '$1 shift',
        '\b('.self::KINDS.')\s+(?:motion\s+)?by\s+([xyzhrf])\b' => '$2 $1',
        '\b('.self::KINDS.')\s+motion\s+([xyzhrf])\b' => '$2 $1',
        '\bmotions?\s+{man}\s+('.self::KINDS.')\b' => '$1 $2',
        '{man}\s+('.self::KINDS.')\s+motion\b' => '$1 $2',
        // Whose jet is faked moves in any case.
        '({side})(\s*[:,])\s*(?:fake\s+jet|jet\s+fake)\s*,\s*(?={run}|\w+\s+zone|zone)' => '$1$2 ',
        // "jet right, zone left" has a man in motion, whoever is usual.
        '(?<=[,:]|right|left|^|\brt|\blt)\s*(?<!\b[xyzhrf] )(jet|fly|orbit)(?:\s+motion)?\s+({side})\s*[,:]\s*'
            .'(?={said run}\s+{side})(?!(?:jet|fly|speed)\s+sweep|jet\b|reverse)' => ', $1 motion $2: ',
        '^,\s*' => '',
        '\b(jet|orbit|return)\s+([xyzhrf])(?=\s+{side}|\s*[,:])' => '$2 $1',
        '^([^:]*?)\br\s+swing(?:\s+motion)?\s+(?={side}\s*[,:])' => '$1R fast ',
        '\bmotions?\s+{man}\s+(?={side})' => '$1 shift ',
    ];
}
