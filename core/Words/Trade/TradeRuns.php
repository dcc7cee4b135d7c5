<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade;

/** What is said of runs, their fakes and screens in words of the trade. Common practice. */
final class TradeRuns
{
    /** Before any word is put over. */
    public const BEFORE = [
        '\btoss(\s+{side})?\s*,?\s*crack{end}' => 'crack$1',
        '({plain run}\s+{side})\s+(?:with\s+)?(?:an?\s+)?lead(?:er)?{end}' => '$1; F lead',
        // An option brings its pitch man itself.
        '((?:option|triple|veer|midline|load)\b[^:]*?)\s*[,;]\s*(?:tail|twirl)\s+motion'
            .'(?:\s+from\s+(?:the\s+)?{side})?{end}' => '$1',
        '^({formation})[\s:,]+([xyzh]\s+(?:cracks?|stalks?|blocks?|arcs?|loads?))\s*,\s*'
            .'({said run}(?:\s+{side})?)\s*$' => '$1: $3; $2',
        '\b(reverse|end around)\s+([xyzhr])\s*$' => '$2 $1',
        '({plain run}\s+(?:left|lt))\s+waggle{end}' => '$1 fake, boot right',
        '({plain run}\s+(?:right|rt))\s+waggle{end}' => '$1 fake, boot left',
        // Play-action said last fakes what the routes go with.
        '^({formation})\s*[,:-]\s*([xyzhr]\s[^:]+?)\s*,\s*'
            .'((?:pa|play[ -]action)\s+{said run}(?:\s+{side})?)\s*$' => '$1, $3: $2',
        '(\bspeed option(?:\s+{side})?)\s*,\s*r\s+(?:is\s+)?(?:the\s+)?pitch(?:es)?{end}' => '$1',
        '^({formation})\s*[,:]?\s+(triple|veer|inside veer)\s+({side})\s*,\s*(?:[rf]\s+dives?\s*,\s*)?'
            .'([xyzh])\s+pitch(?:es)?\s*$' => '$1, $4 pitch $3: $2 $3',
        '^({formation})\s*[,:]?\s+(tunnel|jailbreak)\s+([xyzh])\s*$' => '$1: $3 $2 screen',
        '\b((?:slip|swing|tunnel|bubble|now)\s+screen)\s+([xyzhr])\s+(?={side})' => '$2 $1 ',
        '^\s*(tunnel|bubble|slip|now)\s+({side})\s*,?\s+({formation})\s*$' => '$3: $1 screen $2',
        // The throw said before its run.
        '^({formation})\s*,\s*([xyzh]\s+(?:now|bubble|pop|glance|hitch|slant|stick)|bubble)\s*,\s*'
            .'({said run}(?:\s+{side})?)\s*$' => '$1: $3, rpo: $2',
        '(\b(?:boot|naked|waggle)(?:\s+{side})?)\s+off\s+(?:of\s+)?it\b' => '$1',
        '{man}\s+cut-?offs?\b' => '$1 cut off',
        '\b(crack|kick|wrap|insert|bluff|arc|stalk)\s+(?:with|by)\s+{man}' => '$2 $1',
        // What follows the run are the routes of its pass.
        '({said run}(?:\s+{side})?)\s*[,;]\s*(?:pa|play[ -]action)\s*[:,]\s*' => '$1 fake: ',
        // "glance rpo, zone right" says the throw first, too.
        '^({formation})[\s,:]+([^,:]+?)\s+rpo\s*,?\s*({said run}(?:\s+{side})?)\s*$' => '$1: $3, rpo: $2',
        '\b(end around|reverse)\s+({side})\s+by\s+([xyzhr])\b' => '$3 $1 $2',
        '({said run}(?:\s+{side})?)\s+(?:with|by|to)\s+(?:the\s+)?(?:fb|fullback){end}' => 'F $1',
        // "bubble rpo off inside zone left" says the throw first, and may say who is read.
        '^({formation})[\s,:]+([^,:]+?)\s+rpo\s+(?:with\s+|w\/\s*|off\s+)({said run}(?:\s+{side})?)\s*[,;]\s*'
            .'([^,:;]+)$' => '$1: $3, rpo: $2; $4',
        '^([^:]+?)\s*,?\s*\b(?:jet|fly)\s+sweep\s+({side})\s+by\s+([xyzhrf])\s*$' => '$1: $3 jet $2',
        '\b(?:jet|fly|speed)\s+sweep\s+({side})\s+by\s+([xyzhrf])\b' => '$2 jet $1',
        '\b(belly|counter|duo|trap|dart|buck)\s+read\s+({side})' => '$1 $2 read',
        '(?<=[:,])\s*(?:quick|now|hitch|smoke)\s+screen\s+(?:to\s+)?([xyzh])\b' => ' $1 now screen',
        '\b(pa|play[ -]action)\s+lead\b' => '$1 iso',
        // "power pass right" and "buck sweep right pass" are passes off that run.
        '({said run})\s+pass\b(\s+{side})?' => '$1$2 fake',
        '({said run}\s+{side})\s+pass\b' => '$1 fake',
        '(?<!split )\b(?:iz|(?:inside\s+)?zone)\s+({side})\s*,?\s*[hy]\s+slices?\b' => 'split zone $1',
        '(\bsplit\s+zone[^;,]*)[;,]\s*[hyf]\s+slices?\b' => '$1',
        '\b(?:inside\s+)?zone\s+({side})\s*,?\s*(?:with\s+)?(?:an?\s+)?slice\b' => 'split zone $1',
        '({run})\s+(bluff|arc)\s+({side})' => '$1 $3 $2',
        '(?<=:)\s*wrap(?=\s+{side})' => ' dart',
        '\b(?:[xyzhrf]\s+)?lead\s+iso\b' => 'iso',
        // "backside glance rpo with zone" says the throw first.
        '^({formation})[\s,:]+([^,:]+?)\s+rpo\s+(?:with\s+|w\/\s*|off\s+)({said run}'
            .'(?:\s+{side})?)\s*$' => '$1: $3, rpo: $2',
        '\brpo\s*:?\s+([^,;:]+?)(?:\s+|\s*,\s*)({said run}(?:\s+{side})?)\s*$' => ': $2, rpo: $1',
        '({said run}(?:\s+{side})?)\s*[,;]\s*(?:q|qb)\s+reads?(?:\s+it)?{end}' => '$1 read',
        '\b(counter(?:\s+{side})?)\s+(?:gt|trey)\b' => '$1',
        '\bkeep(?:er)?\s+pass\b' => 'naked',
    ];

    /** A pattern and what stands in its place, one after the other. */
    public const RULES = [
        '(?<=:)\s*screen(\s+{side})?\s+to\s+(?:the\s+)?(?:running back|rb|hb|tb|back|r)\b' => ' slip screen$1',
        '{man}\s+kicks?\s+out\b' => '$1 kick',
        '(?<=[:,-])\s*(weak|strong)\s+lead{end}' => ' iso $1',
        '(?<=[:,])\s*load(?=\s+{side}{end}|\s*$)' => ' load option',
        '({said run}[^:]*?,\s*(?:bubble|now)(?:\s+{side})?)\s+alerts?\b' => '$1',
        '(?<=right|left|rt|lt|[,:])\s+run\s+(?={said run})' => ', ',
        '{man}\s+(?:goes\s+|comes\s+)?(?:up\s+)?through\s+(?:the\s+)?(?:[abc][ -]?gap|hole)\b' => '$1 insert',
        // An option's fullback fakes his dive in any case.
        '(\boption\b[^:]*?)\s*[,;]\s*(?:f|fb|fullback)\s+(?:fakes?|runs?)\s+(?:the\s+)?dive\b' => '$1',
        '\bg([hy])\s+counter(\s+{side})?' => 'counter$2; $1 wrap',
        '\b(arc|bluff)\s+(?:zone\s+)?read\s+({side})' => 'zone $2; tag $1',
        '\btag\s+(?=[xyzhrf]\s+\w|{route})' => '',
        '(?<=[:,])\s*(weak|wk|strong|st|field|boundary)\s+({said run}){end}' => ' $2 $1',
        '(?<=[:,])\s*screens?\s*[:,]\s*(?=(?:tunnel|bubble|now|slip|swing|smoke|jailbreak|slow)\b(?!'
            .'\s+screen))' => ' ',
        '\b({plain run})\s+lead\s+({side})' => '$1 $2; F lead',
        '\bstick[ -]draw(\s+{side})?' => 'draw$1, rpo: stick',
        '({said run})\s+boot{end}' => '$1 fake, boot',
        '(?<=[:,])\s*(bubble|now|tunnel|slip|smoke)(?:\s+screen)?\s+({side})\s+(?:by|to)\s+(?:the\s+)?'
            .'([xyzhrf])\b' => ' $3 $1 screen $2',
        '(?<=:)\s*(tunnel|bubble|jailbreak|slip)\s+([xyzhr])\s*$' => ' $2 $1 screen',
        '\bscreen\s+to\s+(?:the\s+)?back\b' => 'screen',
        '\b(tunnel|jailbreak|bubble|now|smoke)\s+screen\s+([xyzh]){end}' => '$2 $1 screen',
        // A jet needs no word for its motion.
        '(?<=[,:]|right|left)\s*,?\s*(?:jet|fly)\s+motion\s+{side}\s*([,:])\s*(?=(?:jet|fly)\s+sweep)' => '$1 ',
        '\b(tunnel|jailbreak|slip|slow|bubble)\s+to\s+(?:the\s+)?([xyzhrf])\b' => '$2 $1 screen',
        '(?<=:)\s*(?:now|smoke|quick)\s+to\s+(?:the\s+)?([xyzh])\s*$' => ' $1 now screen',
        // Who gets the ball said after the play.
        '\b({run}|(?:bubble|now|tunnel|slip|swing|jailbreak|smoke|slow|quick)(?:\s+screen)?|shovel)\s+to\s+'
            .'(?:the\s+)?([xyzhrf])\b' => '$2 $1',
        '^([^:]+?),?\s+(?:([xyzhrf])\s+)?jet\s+sweep(?:\s+(?:by\s+)?([xyzhrf]))?(?=\s+{side}\s*$)' => '$1: $2$3 jet',
        '\b(arc|bluff|lead|crack|stalk|kick|load|insert|wham)\s+by\s+([xyzhrf])\b' => '$2 $1',
        '\b(?:jet|fly|speed)\s+sweep\s+(?:by\s+|to\s+)?([xyzhrf])\b' => '$1 jet',
        '({said run}[^:]*?[,;]\s*)([xyzhrf])\s+smoke(?=\s*[,;]|\s*$)' => '$1$2 now hitch',
        '{man}\s+now(?=\s*[,;]|\s*$)' => '$1 now hitch',
        '\br\s+screen\b' => 'slip screen',
        // Who is read is the run's own business where it reads the end.
        '(?:[,;]\s*|\s+)(?:(?:q|qb|quarterback)\s+)?(?:reads?|keys?)\s+(?:the\s+)?(?:backside\s+)?(?:end|de)\s*'
            .'(?=[,;]|$)' => '',
        '(?<=[,;])\s*(lt|lg|c|rg|rt|[xyzhrf])\s+to\s+(?:the\s+)?{defender}' => ' $1 block $2',
    ];

    /** The run first, wherever it is said: a fake, an option's kind, a run by the number of its hole. */
    public const FAKES = [
        '\bfake\s+((?:{man}\s+)?{run}(?:\s+{side})?)' => '$1 fake',
        // "zone left, keeper right" and "stretch right boot left" fake that run.
        '(?:\b(?:pa|play[ -]action)\s+)?({run}\s+{side})\s*,?\s+(boot|naked|keeper|bootleg)\s+'
            .'({side})' => '$1 fake, $2 $3',
        '({run}\s+(?:left|lt))\s*,?\s+(boot|naked|keeper|bootleg)(?=\s*[,;:])' => '$1 fake, $2 right',
        '({run}\s+(?:right|rt))\s*,?\s+(boot|naked|keeper|bootleg)(?=\s*[,;:])' => '$1 fake, $2 left',
        // "stretch boot left" is away from the boot.
        '({run})\s*,?\s+(boot|naked|bootleg)\s+(left|lt){end}' => '$1 right fake, $2 left',
        '({run})\s*,?\s+(boot|naked|bootleg)\s+(right|rt){end}' => '$1 left fake, $2 right',
        '\bkeeper(?=\s+{side})' => 'naked',
        ':\s*((?:{man}\s+)?{run}(?:\s+{side})?\s+fake)\s*[,;]\s*' => ', $1: ',
        ':\s*rpo\s*:?\s*(?={run})' => ': ',
        '\b(?:pa|play[ -]action)\s+(?=(?:boot|naked|bootleg)\b)' => '',
        '\bnow(?=\s+{side})' => 'now hitch',
    ];
}
