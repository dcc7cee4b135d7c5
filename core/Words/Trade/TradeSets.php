<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade;

/** What is said of the set, the personnel and the protection in words of the trade. Common practice. */
final class TradeSets
{
    /** Where the quarterback stands, which begins a formation. */
    public const PLACES = 'gun|shotgun|pistol|under center|under ctr|uc';

    /** A pattern and what stands in its place, one after the other. */
    public const RULES = [
        // "empty trips left" has its three there; "nub left, trips right" says the same set twice.
        '\bempty\s+({side})\s+trips\b' => 'empty $1',
        '\bempty\s*,\s*trips(?=\s+{side})' => 'empty',
        '\bnub\s+(?:left|lt)\s*,?\s+trips\s+(right|rt)\b' => 'nub $1',
        '\bnub\s+(?:right|rt)\s*,?\s+trips\s+(left|lt)\b' => 'nub $1',
        // The set said again before a family says nothing new.
        '^([^:|]*\b(bunch|trips|stack|empty)\b[^:|]*[,:]\s*)\2\s+(?=flood|sail|mesh|spot|snag|smash|flat)' => '$1',
        '\b(strong|weak)\s+(right|left|rt|lt)\s+i\b' => '$1 I $2',
        // "trips levels" after another word of the call names the side by its men.
        '^((?:(?:'.self::PLACES.')\s+)?{set}\b[^:]*[,;])\s*trips\s+(?!{side})(?=[a-z])' => '$1 ',
        '\bi\s+({side})\s+(?:slot|twins)\b' => 'twins I $1',
        '^(\s*(?:'.self::PLACES.'))\s*,?\s+flex\s+(?={side})' => '$1 double-slot ',
        '^(\s*(?:'.self::PLACES.'))\s+({side})\s*,\s*({set})(?=\s*[,:])' => '$1 $3 $2',
        // A quarterback's place and the set are one breath; what is in brackets is said again.
        '((?:^|\|)\s*(?:'.self::PLACES.'))\s*,\s*(?={set}\b)' => '$1 ',
        '^({set}(?:\s+{side})?)\s*,\s*('.self::PLACES.')\s*(?=[,:])' => '$2 $1',
        '\b(gun|pistol|shotgun)\s+ace\s+(?={set}\b)' => '$1 ',
        '\b(twins|pro|slot)\s+(?=(?:tight\s+)?i\b)' => '$1 ',
        '(?<=under center|\buc|\bunder ctr)\s+twins\b(?!\s+(?:wing|i)\b)' => ' twins wing',
        '\b(?:doubles|dbls|2x2)(\s+{side})?\s*,?\s+(?:with\s+)?(?:y|te)\s+(?:attached|tight|on|closed)'
            .'(?=\s*[,:])' => '2x2 closed$1',
        '\b(?:2x2|doubles?|dbls|twin)\s+stack(?:ed|s)?(?:\s+both)?\b' => 'stack',
        '\bstack(?:ed|s)?\s+(?:2x2|doubles|dbls|both)\b' => 'stack',
        '\bstack\s+(right|rt)\s*,?\s+stack\s+(?:left|lt)\b' => 'stack $1',
        '\bstack\s+(left|lt)\s*,?\s+stack\s+(?:right|rt)\b' => 'stack $1',
        '\b(gun|pistol|shotgun)\s+pony\b|\bpony\s+(?:gun|set|backs)\b' => 'gun split-back',
        '\btrips\s+({side})\s+nub\b' => 'nub $1',
        '\btrips\s+({side})\s+bunch\b' => 'bunch $1',
        '\btrips\s+({side})\s+y\s+off\b' => 'trips $1',
        // Where the back stands: "R left", "back weak" of a set whose side is said.
        '\b(?:rb|hb|tb|(?<=, )back)\s+(left|right|lt|rt|field|boundary){end}' => ', R $1',
        '({set}\s+(?:right|rt))([^:]*?)\s*,?\s+(?:r|rb|hb|tb|(?<!\bh[\s-])back)\s+strong{end}' => '$1$2, R right',
        '({set}\s+(?:right|rt))([^:]*?)\s*,?\s+(?:r|rb|hb|tb|(?<!\bh[\s-])back)\s+weak{end}' => '$1$2, R left',
        '({set}\s+(?:left|lt))([^:]*?)\s*,?\s+(?:r|rb|hb|tb|(?<!\bh[\s-])back)\s+strong{end}' => '$1$2, R left',
        '({set}\s+(?:left|lt))([^:]*?)\s*,?\s+(?:r|rb|hb|tb|(?<!\bh[\s-])back)\s+weak{end}' => '$1$2, R right',
        // "wing R," is the side, where no man could stand.
        '^((?:(?:'.self::PLACES.')\s+)?{set})\s+r(?=\s*[,:])' => '$1 right',
        '^((?:(?:'.self::PLACES.')\s+)?{set})\s+l(?=\s*[,:])' => '$1 left',
        // Who stays in, or who moves, said before the set.
        '^\s*((?:max(?:\s+protect)?|[5-8][ -]man(?:\s+pro(?:tection)?)?|bob|half[ -]slide\s+{side}))\s*,?\s+((?:(?:'
            .self::PLACES.')|{set})\b[^:]*):' => '$2, $1:',
        '^\s*([xyzhrf]\s+(?:'.TradeMotions::KINDS.')(?:\s+{side})?)\s*,\s*((?:(?:'
            .self::PLACES.')|{set})\b[^:]*):' => '$2, $1:',
        '\b({side})\s+side\b' => '$1',
        '(?<=[,;:])\s*trips\s+side\s+(?=\w)' => ' ',
        '(?<=[,\s])(?:6|six)[ -]man\s+slide\b|(?<=[,\s])slide\s+(?:6|six)\b' => 'six-man',
        '\btrips\s+({side})\s*,?\s+(?:gun\s+)?empty\b' => 'empty $1',
        '\btrips(\s+{side})?\s*,?\s+y\s+(?:attached|tight|on)(?=\s*[,:])' => 'trey$1',
        '\bdouble\s+tight\s+ace\b' => 'ace',
        // With another set "ace" says one back and the quarterback under center.
        '^\s*ace\s+(?=(?:{set})\b)' => 'under center ',
        '^(\s*(?:'.self::PLACES.')?)\s*(\d\d)\s*(?:p|pers|personnel)\b\.?\s*,?\s*' => '$2 personnel $1 ',
        '\binto\s+(?:the\s+)?(?=(?:field|boundary)\b)' => '',
        '^(\s*(?:under center\s+)?)t(?=\s+(?:right|left|rt|lt)\b|\s*:)' => '$1full house',
        '^(\s*(?:(?:'.self::PLACES.')\s+)?)({side})\s+({set})\b' => '$1$3 $2',
        '(?<!half[ -])(?<!full[ -])(?<=[,\s])slide\s+(?={side}\s*:)' => 'half-slide ',
        // Without a colon it stands right after the set.
        '^((?:(?:'.self::PLACES.')\s+)?{set}(?:\s+{side})?\s*,?)\s+slide\s+({side})\s*,?\s+'
            .'(?=\w)' => '$1 half-slide $2, ',
        '^([^:|,]+?)\s+(hot\s+[xyzhrf])\s*:\s*(.+)$' => '$1: $3; $2',
        // Who stays in or where the line slides may be said before the set.
        '^\s*slide\s+({side})\s*[,;]\s*(?=\w)' => 'half-slide $1, ',
        '\b([5-8])\s+pro(?:tection)?\b' => '$1 man',
        '^flex\s+(?={side})' => 'double-slot ',
        // "man pro", "7 man protection"
        '(?<=\bman|slide|scat|max|\bbob|on big)\s+pro(?:tection)?\b' => '',
        '\b(?:spread\s+doubles|doubles\s+spread|2x2\s+(?:spread|doubles)|(?:spread|doubles)\s+2x2)\b' => '2x2',
        '\b(3x1|trips)\s+(?:spread|3x1)\b' => '$1',
        // "12 ace right" says its personnel without the word.
        '^\s*([0123][0123])\s+(?=(?:'.self::PLACES.'|{set})\b)' => '$1 personnel ',
        // What a man does for the protection may stand before the colon.
        '^([^:|]*?)\s*,\s*([xyzhrf])\s+(?:stays?(?:\s+in)?|blocks?|in)\s*:\s*(.+)$' => '$1: $3; $2 stays',
        // What belongs after the colon may stand before it: a man's route, who is hot.
        '^([^:|]*?)\s*,\s*(hot\s+[xyzhrf]|[xyzhrf]\s+(?:backside\s+)?{route}(?:\s+\d+)?)\s*:\s*(.+)$' => '$1: $3; $2',
        '(?<=:)([^,;:]+)\s+(max(?:\s+protect)?)\s*$' => '$1, $2',
        '\bmax\s+pro(?:tection)?\b' => 'max',
        '\bnasty\s+splits?\b' => 'nasty',
        '(?<=:)\s*slide\s+({side})\s*,' => ' half-slide $1;',
        '\btrips\s+({side})\s+open\b' => 'trips $1',
        '\btrips\s+({side})\s+y\s+flex(?:ed)?\b' => 'trips $1',
        // A quarterback's place is said already.
        '\b(gun|pistol|shotgun)\s+(?:1|one)[ -]back\b' => '$1',
        '\btrips\b([^:,]*),?\s*no\s+backs?\b' => 'empty$1',
        '\btrips\s+({side})\s+closed\b' => 'trey $1',
    ];
}
