<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade\Look;

/**
 * How what is said of a look in words of the trade is put into those of the language: a pattern and what stands in its
 * place, one after the other. Common practice.
 */
final class LookRules
{
    /** Abbreviations, and what is said of one man in words of the trade. */
    public const BEFORE = [
        '\b(?:soft|loose)\s+(?=quarters\b|cover\b)' => ', corners off, ',
        '\b(nickel|dime)\s+(?=corners\b)' => '$1, ',
        '(\bcover\s+0|\bzero)\s*,?\s+press\s+blitz{end}' => '$1, press',
        '\b(?:3|three)\s+deep\s+fire\s+zone\b' => 'fire zone',
        '\bfire\s+zone\s+{defender}\s+(?:and|&)\s+{defender}{end}' => 'fire zone, $1 blitz, $2 blitz',
        '{defender}\s+(blitz(?:es)?|comes?)\s+(?={defender}\s+(?:blitz|comes?))' => '$1 $2, ',
        '(\bmug(?:ged|s)?\s+(?:both\s+)?a[ -]?gaps?)\s+drops?{end}' => '$1',
        '\bhard\s+corner\s+(?:to\s+(?:the\s+)?)?(field|boundary|strong|weak)\b' => '$1 corner off 5',
        '\b(4-2-5|3-3-5|4-4|5-2|5-3)\s+(?:base|odd|even)\b' => '$1',
        '\b(?:ss|strong\s+safety)\s+(?:comes|moves|walks|drops)\s+down\b' => 'safety rotates strong',
        '\b(?:fs|free\s+safety)\s+(?:comes|moves|walks|drops)\s+down\b' => 'safety rotates weak',
        '\bgl\s+(?=[56]-\d)' => '',
        '\bdrop\s+(?:all\s+)?(?:8|eight)\b' => 'drop 8',
        '(?<=^|[,&]|\band)\s*m(?='.self::LETTER.')' => ' mike',
        '(?<=^|[,&]|\band)\s*w(?='.self::LETTER.')' => ' will',
        '(?<=^|[,&]|\band)\s*s(?='.self::LETTER.')' => ' sam',
        '(?<=^|[,&]|\band)\s*n(?='.self::LETTER.')' => ' nickel',
        '(?<=^|[,&]|\band)\s*j(?='.self::LETTER.')' => ' jack',
        '\bbase\s+(?=(?:3-4|4-3|4-2-5|3-3-5|4-4|5-2)\b)' => '',
        '\s+(?:and|&)\s+funnel(?:s|ing)?{end}' => '',
        '(?<!backers )(?<!lbs )\b(?:everybody|everyone|all)\s+(?:blitz(?:es|ing)?|rush(?:es)?){end}' => 'six rush',
        '\b(two|2|one|1)[ -]high\s+show\b' => 'show $1 high',
        '\bspins?\s+to\s+([0-6])\b' => 'cover $1',
        '(^|,)\s*plays?\s+(?=[0-6]{end})' => '$1 cover ',
        '\b4-2-5\s+nickel(?=\s*,|\s*$|\s+(?:cover|quarters|tampa)\b)' => '4-2-5',
        '\bnickel\s+4-2-5\b' => '4-2-5',
        '\bdisguised?\s*[:,]\s*(?=shows?\b)' => '',
        '\b(?:fs|free\s+safety)\s+deep\s*,\s*man(?:\s+(?:everywhere|across|under))?{end}' => 'cover 1',
        '\bman\s+under\s*,?\s*(?:with\s+)?(?:two|2)\s+deep\b' => '2-man',
        '\b(?:3|three)[ -]high\s*,(?!.*\bshows?\b)(?=.*\b(?:cover\s+|c)[1-6]\b)' => 'shows three high,',
        '\b(spy|robber|blitz|pressure)\s+by\s+(?:the\s+)?{defender}' => '$2 $1',
        '\b(?:ss|fs|strong\s+safety|free\s+safety)\s+(?:is\s+)?(?:rolls?|rolled|rotate[sd]?|spins?|spun)\s+(?:to\s+)?'
            .'(?:the\s+)?({side})' => 'safety rotates $1',
        '\b(?:1|one|single)[ -]high\s*,?\s+(press|off)\s+man\b' => 'cover 1, corners $1',
        '\b(?:fs|free\s+safety)\s+over\s+(?:the\s+)?top{end}' => '',
        '\bsafeties\s+(?:tight|close|low|up|deep)\s+(?:at\s+)?(?=\d)' => 'safeties at ',
        '\b(?:ss|strong\s+safety)\s+(?:is\s+)?(?:roll|rotat|spun|spin)\w*\s+down\b' => 'safety rotates strong',
        '\b(?:fs|free\s+safety)\s+(?:is\s+)?(?:roll|rotat|spun|spin)\w*\s+down\b' => 'safety rotates weak',
        '(\btampa(?:\s*2)?)\s*,\s*mike\s+in\s+(?:the\s+)?(?:middle|hole|deep\s+middle)\b' => '$1',
        '\bman\s+across\s*,\s*(?:fs|free\s+safety|one|1)\s+deep\b' => 'cover 1',
        '(?<!fire )\bzone\s+([2346])\b(?!\s+(?:deep|under))' => 'cover $1',
        '\b(cover\s+3|3)\s*,\s*(sky|cloud)\b' => '$1 $2',
        '(^|,)\s*pressure\s+(?:from\s+(?:the\s+)?)?({side})' => '$1 edge pressure $2',
        '\b(?:3|three)[ -]high\s*,?\s+(?:to\s+)?(tampa(?:\s*2)?|cover\s+[1-6]|quarters)\b' => '$1, shows three high',
        '\bshow(?:s|ing)?\s+(?=(?:cover\s+)?[0-6]{end})' => 'shows cover ',
        '\bshows cover\s+cover\b' => 'shows cover',
        '\binvert(?:s|ed)?\s+to\s+(?:cover\s+)?2\b' => 'cover 2 invert',
        '\bedge\s+(pressure|blitz)\s+(?:from|off)\s+(?:the\s+)?(?={side})' => 'edge $1 ',
        '\bno\s+safet(?:y|ies)\s*,\s*man\b' => 'cover 0',
        '\b(5-3|6-1|6-2)\s+goal[ -]?line\b' => '$1',
        '\bover\s+(?:to\s+(?:the\s+)?)?(field|boundary){end}' => 'over, front to $1',
        '(?<!ilb )(?<!ilbs )(?<!lbs )(?<!mike )(?<!will )(?<!sam )(?<!backers )(?<!backer )\bcross'
            .'\s+(?:blitz|dogs?){end}' => 'mike blitz, will blitz',
        '\bc\s?([0-6])\b' => 'cover $1',
        '\b(?:cov|cvr)\b\.?' => 'cover',
        '\bno\s+(?:blitz|pressure|rotation|disguise|movement|stunts?){end}' => '',
        '\beven\s+(?=4-[23]\b|nickel\b)|\bodd\s+(?=3-[34]\b|tite\b)' => '',
        '\b((?:cover\s+1\s+|1\s+)?robber)\s+(?:by\s+)?(ss|fs|strong safety|free safety){end}' => 'cover 1, $2 robber',
        '{defender}\s+press(?:es)?\s+(?:on\s+)?[xyzh]{end}' => '$1 press',
        '\bcover\s+2\s*,\s*mike\s+(?:runs|carries|goes)\s+(?:with\s+)?(?:the\s+)?(?:#?3|seam'
            .'|middle vertical)\b' => 'tampa 2',
        '\bcb\b' => 'corner',
        "\b(olb|ilb|lb|cb|de|dt)'s\b" => '$1s',
        '\bcbs\b' => 'corners',
        '\b(?:ss|strong\s+safety)\s+down\s+(?:at|to)\s+(\d{1,2})\b' => 'safety rotates strong, strong safety off $1',
        '\b(?:fs|free\s+safety)\s+down\s+(?:at|to)\s+(\d{1,2})\b' => 'safety rotates weak, free safety off $1',
        '{defender}\s+(?:has|takes|mans|on)\s+(?:the\s+)?(?:rb|tb|hb|back|tailback)\b' => '$1 plays man on R',
        '(\bcover 1|\bman free|\b1 free)\s*,\s*(?:a\s+)?(?:lb|linebacker|backer)\s+(?:has|takes|on)\s+(?:the\s+)?'
            .'(?:rb|tb|hb|back|tailback){end}' => '$1',
        '\b(4-4|5-3|5-2|6-2|6-1|3-4|4-2-5|3-3-5|4-3)\s+(?:defen[sc]e|look)\b' => '$1',
        '\b(4-4|5-3|5-2|6-2|6-1)\s+(?:stack|split|base)\b' => '$1',
        '\b(bail\w*\b.*?)\s*,?\s+(?:out\s+of|from)\s+press\b' => '$1',
        '\b(?:bd?ry|bndry|bdy)\b' => 'boundary',
        '\bfld\b' => 'field',
        '\s*:\s*' => ', ',
        '\bmiddle\s+(?:of\s+(?:the\s+)?field\s+)?(?:is\s+)?open\b' => 'mofo',
        '\bmiddle\s+(?:of\s+(?:the\s+)?field\s+)?(?:is\s+)?closed\b' => 'mofc',
        '(?<!off )(?<!press )\bman\s*,?\s+(?:single|1|one)[ -]high(?:\s+safety)?\b' => 'cover 1',
        '(?<!off )(?<!press )\bman\s*,?\s+(?:two|2)[ -]high\b' => '2-man',
        '\bman\s+(?:coverage\s+)?(?:with\s+)?(?:a\s+)?safety\s+help(?:\s+over\s+the\s+top)?\b' => 'cover 1',
        '\bpress\s+man\s+(?:all\s*,?\s+)?(?:two|2)\s+deep(?:\s+hal(?:f|ves))?\b' => '2-man, corners press',
        '\bsafeties\s+(?:at\s+)?(\d{1,2})\s+and\s+\1\b' => 'safeties off $1',
        '\bman\s*,?\s+(?:two|2)\s+deep\s+hal(?:f|ves)\b' => '2-man',
        '\brolls?\s+({side})\s+to\s+(?:cover\s+)?([13])\b' => 'cover $2, safety rotates $1',
        '\b(?:late\s+)?(?:rotation|rotates?|rolls?)\s+to\s+(?=cover\s+[0-6])' => '',
        '\b(strong|weak|field|boundary)\s+safety\s+(?:rotates|rolls|spins|drops|comes|spun|rolled)(?:\s+down)?\b'
            .'(?!\s+to\s+(?:the\s+)?(?:hook|flat|hole))' => 'safety rotates $1',
        '\bspin(?:s|ning)?\s+(?:down\s+)?(?:the\s+)?(strong|weak|field|boundary)\s+safety(?:'
            .'\s+down)?\b' => 'safety rotates $1',
        '\b(?:gap|scrape)\s+exchange\s+(?:to\s+(?:the\s+)?)?({side})(?:'
            .'\s+side)?{end}' => '$1 end squeezes, $1 backer scrapes',
        '\b(?:gap|scrape)\s+exchange\s*,?\s+(?:end\s+(?:and|&)\s+)?(will'
            .'|jack){end}' => 'weak end squeezes, $1 scrapes',
        '\b(?:gap|scrape)\s+exchange\s*,?\s+(?:end\s+(?:and|&)\s+)?(sam){end}' => 'strong end squeezes, $1 scrapes',
        '\b(?:3|three)[ -]tech(?:nique)?\s+away(?:\s+from)?\s+(?:the\s+)?(?:strength|trips|te|tight'
            .'\s+end)\b' => 'front to weak, ',
        '\b(?:3|three)[ -]tech(?:nique)?\s+to\s+(?:the\s+)?(?:strength|trips)\b' => 'front to strong',
        '\bcloud\s+to\s+(?:the\s+)?(?:trips|strength|passing strength|te|tight end)\b' => 'cloud',
        '(\bbracket\s+(?:on\s+)?[xyzhr])\s*,?\s+in(?:\s*(?:,|-|and|&)\s*|\s+)out\b' => '$1',
        '\b(mug(?:ged|s)?(?:\s+(?:both|a|a[ -]?gaps?))?)\s*,?\s+(?:(?:and|then)\s+)?'
            .'(?:drop(?:s|ping)?\s+both|both\s+drop|(?:both\s+)?drop\s+out|they\s+drop)\b(?!\s+(?:in)?to\b)' => '$1',
        '\bsim(?:ulated)?(?:\s+pressure)?\s*,\s*(?=.*\bdrops?\b)' => '',
        '(^|,)\s*(?:cross\s+)?blitz\s+(?:both\s+)?a[ -]gaps(?:\s+crossed)?{end}' => '$1 mike blitz, will blitz',
        '\b(?:elsewhere|everywhere else|otherwise)\b' => '',
        '\bred\s+zone\s*,?' => '',
        '\b(4-2-5|4-2|4-3|nickel)\s+even\b' => '$1',
        '\bzone\s*,\s*(2|two|3|three)\s+deep\b' => '$1 deep zone',
        '\bcover\s+2\s*,\s*mike\s+(?:drops|runs|is|carries)\s+(?:deep|the pole|down the middle'
            .'|the middle)\b' => 'tampa 2',
        '\bends\s+contain{end}' => '',
        '\bshow(?:ing)?\s+(?=cover|quarters|tampa)' => 'shows ',
        '\bdisguis(?:es?|ed|ing)\s+(?:as\s+)?(?=(?:two|2|one|1)[ -]high)' => 'show ',
        '\brotates?\s+(?:late\s+to|late|to)\s+(?={side})' => 'rotates ',
        '\b(cover\s+[13])\s*,\s*(?:the\s+|free\s+|one\s+)?safety\s+(?:is\s+)?deep{end}' => '$1',
        '\b(cover\s+6)\s*,\s*(?:boundary\s+cloud|cloud\s+(?:to\s+)?(?:the\s+)?boundary){end}' => '$1',
        '{defender}\s+over\s+the\s+top\s+of\s+{man}{end}' => '$1 plays bracket on $2',
        '\bgoal-?line\b' => 'goal line',
        '\bshort[ -]side\b' => 'boundary',
        '\bwide[ -]side\b' => 'field',
        '\s+(?:at|on|after)\s+the\s+snap\b|\s+post[ -]snap\b' => '',
        '\b(?:3|three)[ -]tech(?:nique)?\s+(?:(?:is|set|to)\s+)*(?:the\s+)?(?:tight end'
            .'|te)\b(?:\s+side)?' => 'front to strong',
        '\b(?:3|three)[ -]tech(?:nique)?\s+(?:(?:is|set|to)\s+)*(?:the\s+)?(strong|weak|field|boundary)\b'
            .'(?:\s+side)?{end}' => 'front to $1',
        '\b(?:safeties\s+)?invert(?:s|ed)?\s*,\s*cover\s+2\b' => 'cover 2 invert',
        '\bcover\s+2\s*,\s*(?:safeties\s+)?invert(?:s|ed)?\b' => 'cover 2 invert',
        '\b(?:ilbs|inside (?:line)?backers|both (?:line)?backers|(?:line)?backers)\s+(?:are\s+)?'
            .'(?:mug(?:s|ged)?|walked|up)'
            .'(?:\s+up)?(?:\s+(?:in|on)\s+(?:the\s+)?(?:a[ -]?gaps|line))?{end}' => 'mugged',
        '\bpress\s+(?=quarters\b|cover\b|c[0-6]\b|[0-6]\b)' => ', corners press, ',
        '\b(field|boundary|strong|weak)\s+corner\s+(and|&)\s+(?:the\s+)?safety\b' => '$1 corner $2 $1 safety',
        '\bilb\s+(?=(?:cross|x)\s)' => 'ilbs ',
        '\bcorners\s+(?:with\s+|play\s+)?(inside|outside)\s+leverage\b' => 'corners $1',
        '\bman[ -]to[ -]man\b' => 'man',
        '\bman\s*,?\s+(?:with\s+)?(?:a\s+)?(?:deep\s+)?free\s+safety(?:\s+deep)?{end}' => 'cover 1',
        '\bman\s*,?\s+(?:with\s+)?no\s+(?:deep(?:\s+safety)?|safety|safeties){end}' => 'cover 0',
        '\bman\s*,\s*(?:two|2)\s+deep{end}' => '2-man',
        '\bsafety\s+(?:rolls|rotates|drops|comes)\s+down\s+({side})' => 'safety rotates $1',
        '\bcloud\s+(?:to\s+(?:the\s+)?)?(?:strong|field){end}' => 'cloud',
        // One corner said without a side is both of them.
        '(?<!field |boundary |left |right |strong |weak )\bcorner\s+(press|bail|off|soft)(?:s'
            .'|es)?(?={end}|\s+\d)' => 'corners $1',
        '{defender}\s+sp(?:y|ies){end}' => '$1 plays spy',
        // What is simulated is said by who comes and who drops.
        '\bdrop(?:s|ping)?\s+(?:the\s+)?((?:left|right|strong|weak|field|boundary)\s+end)\b' => '$1 drops',
        '\bshow(?:s|ing)?\s+(two|2|one|1)[ -]high\s*,?\s*(?:but\s+)?(?:plays?\s+)?' => '$1 high, ',
        '\bspins?\s+to\s+cover\s+1\s+(weak|strong)\b' => 'cover 1, safety rotates $1',
        '\bspins?\s+to\s+(?=cover\s+[0-6])' => '',
        '\bcover\s+2\s+inverted\b' => 'cover 2 invert',
        '\bgoal line\s*,\s*(?=(?:6-[12]|5-3)\b)' => '',
        '\b(?:fire\s+zone|zone\s+blitz)\s+from\s+(?:the\s+)?(field|boundary|strong'
            .'|weak)\b' => 'fire zone, edge pressure $1',
        // The field's side of a split coverage is its strong one anyway.
        '\b(qqh|cover 6|quarter quarter half)\s+to\s+(?:the\s+)?field\b' => '$1',
        '\b(tampa(?:\s*2)?)\s+from\s+(?:3|three)[ -]high\b' => 'tampa 2, shows three high',
        '\b(?:double|mug)\s+a[ -]gap\s+(?:look|show)\b' => 'mug',
        '\bbails?\s+to\s+(?=cover|tampa|[0-6]\b|quarters)' => '',
        '\bboth\s+ilb\s+(?=blitz|come)' => 'both ilbs ',
        '\b(bracket|double)\s+([xyzhr])\s+(?=\w)' => '$1 $2, ',
        '\b(dime)\s*,\s*(?=(?:4-1|3-2)(?:-6)?\b)' => '$1 ',
        '\btight\s+front(?=\s*,?\s*4i\b)' => 'tite front',
        '\btite\s+front\s*,?\s*4i[ -]0[ -]4i\b' => 'tite front',
        '\b(?:press|pressed)\s+(?:on\s+)?(?:both\s+)?#1s?\b' => 'corners press',
        '\bedge\s+blitz\s+(?:from\s+)?both(?:\s+sides)?\b' => 'edge pressure strong, edge pressure weak',
        '\b(?:two|2)\s+deep\s*,\s*(?:five|5)\s+under\b' => 'cover 2',
        '\bst\b' => 'strong',
        '\bmug(?:s|ged)?\s+(?:the\s+)?a(?:[ -]?gaps?)?\s+with\s+(?:the\s+)?{defender}' => 'walked $1',
        '\bspy\s+(?:the\s+)?(?:qb|quarterback)\s+with\s+(?:the\s+)?{defender}' => '$1 plays spy',
        '\bwith\s+([5-8])\b(?!\s*man)' => ', $1 man rush',
        '\s+behind(?:\s+it)?\b' => '',
        '{defender}\s+(?:and|&)\s+{defender}\s+(?:edge\s+)?(blitz(?:es)?|comes?|rush(?:es)?|press|off(?!\s+the)'
            .'|bail|drops?)\b' => '$1 $3, $2 $3',
        '{defender}\s+off\s+(?:the\s+)?(?:(?:weak|strong|field|boundary)\s+)?edge\b' => '$1 comes',
        '\bdisguises?d?\s+(?:as\s+)?(?=cover|[0-6]\b)' => 'shows ',
        '\bshows?\s+(?:cover\s+)?([0-6])\s*,?\s*(?:but\s+)?(?:plays?|is)\s+(?:cover\s+)?([0-6])\b' => 'cover'
            .' $2, shows cover $1',
        '\b(shows?|showing)\s+(?=[0-6]\b)' => '$1 cover ',
        '\b(?:blitz|send|bring)\s+(?:the\s+)?{defender}(?!\s+(?:and|&))' => '$1 blitz',
        '{defender}\s+blitz(?:es)?\s+from\s+(?:the\s+)?(?:slot|edge|field|boundary|inside|outside)\b' => '$1 blitz',
        '\b(?:out of|with|from)\s+(?:an?\s+|the\s+)?+(?!(?:slot|edge|field|boundary|inside|outside'
            .'|weak|strong)\b)' => ', ',
        '\bwk\b' => 'weak',
        '\b(sky)\s+(strong|field|boundary)\b' => '$1, safety rotates $2',
        '\b(?:cover\s+)?3\s+(?:match\s*,?\s*)?rip\b(?!\s*,?\s*liz)' => 'cover 3 match, safety rotates right',
        '\b(?:cover\s+)?3\s+(?:match\s*,?\s*)?liz\b' => 'cover 3 match, safety rotates left',
        '\b5-2\s+monster\s+({side})' => '5-2, front to $1',
        '(?:\bbut\s+)?\bdrop(?:s|ping)?\s+(?:out\s+)?(?:in)?to\s+(?=cover|tampa|[0-6]\b|quarters)' => '',
        '(?<!field )(?<!boundary )(?<!strong )(?<!weak )\bcorner\s+(?:blitz|cat)\s+({side})' => ', $1 corner blitz',
        '\bcat\s+blitz\s+({side})' => ', $1 corner blitz',
        '\bfire\s+zone\s+(strong|weak)\b' => 'fire zone, edge pressure $1',
        '\b(press|off)\s+man\s*,?\s*(?:1|one|single)[ -]high\b' => 'cover 1, corners $1',
        '\b(press|off)\s+man\s*,?\s*(?:2|two)[ -]high\b' => '2-man, corners $1',
        '\boff\s+man\b' => 'corners off',
        '^(\s*)show(?:s|ing)?\s+(?:cover\s+)?([0-6])\s*,?\s+(?=\w)' => '$1shows cover $2, ',
        '^(\s*)show(?:s|ing)?\s+quarters\s*,?\s+(?=\w)' => '$1shows cover 4, ',
        '(\btampa(?:\s*2)?)\s*,\s*mike\s+(?:runs?|carries)\s+(?:the\s+)?(?:pole|middle|seam|#?3|pipe)\b' => '$1',
        '((?:[2-6]|over|under|stack|tite|bear|nickel|dime))\s+pinch\b' => '$1, line spikes,',
        '(^|,)\s*pinch{end}' => '$1 line spikes',
        '\b(?:spins?|spun)\s+({side})' => ', safety rotates $1',
        '\b(tampa(?:\s*2)?)\s*,\s*mike\s+(?:is\s+)?(?:deep|runs|carries|drops)(?:\s+(?:deep|the pipe))?{end}' => '$1',
        '\b(cover 1 robber)\s*,\s*(?:ss|fs|strong safety|free safety)\s+robber\b' => '$1',
        '\bblitz\s+{defender}\s+(?:and|&)\s+{defender}{end}' => '$1 blitz, $2 blitz',
        '\bfire\s+zone\s*,\s*((?!nickel\b)[^,]+),\s*{defender}\s+(?:and|&)\s+{defender}{end}' => '$1, fire'
            .' zone, $2 blitz, $3 blitz',
        '\bfire\s+zone\s*,\s*{defender}\s+(?:and|&)\s+{defender}{end}' => 'fire zone, $1 blitz, $2 blitz',
        '{defender}\s+(?:is\s+)?mug(?:s|ged)?(?:\s+up)?'.self::GAP.'{end}' => 'walked $1',
        // Both of them; one corner stands where he is put.
        '\bcorners\s+(?:at|playing|play|depth)\s+(\d+)(?:\s*(?:deep|off))?\b(?!\s*[-.\d])' => 'corners off $1',
        '\bsafety\s+(?:is\s+)?down\s+({side})' => 'safety rotates $1',
        '(?<=over|under|4-3|4-4|5-2|bear)\s+strong(?:\s+to)?\s+(left|right)\b' => ', front to $1',
        '\b(?:two|2)[ -](?:high|deep)\s*,?\s*(?:shell\s*,?\s*)?(?:rolls?|rotates?|spins?|rolling|rotating'
            .'|spinning)\s+to\s+(cover\s+\d|\d)\b' => ', $1, shows cover 4',
        '\b(?:4-2-5|4-2)\s+under\b' => 'nickel over, front to weak',
        '(?<!safety )(?<!safeties )(?<!late )\b(?:rotat(?:es?|ed|ing|ion)|roll(?:s|ed|ing)?)\s+(?:to\s+)?'
            .'({side})' => ', safety rotates $1',
        '\bnickel\s+(?:is\s+)?(?:in\s+(?:the\s+)?)?apex(?:ed)?\b' => '',
        '\b(field|boundary|strong|weak)\s+fire\s+zone\b' => 'fire zone, edge pressure $1',
        '\bfire\s+zone\s+{defender}{end}' => 'fire zone, $1 blitz',
        '\bfire\s+zone\s+(field|boundary)\b' => 'fire zone, edge pressure $1',
        '(?!nickel){defender}\s+fire\s+zone\b' => 'fire zone, $1 blitz',
        '(^|,\s*|(?:\d|over|under|stack|tite|bear|nickel|dime)\s+)slants?\s+(?:to'
            .'\s+)?({side})' => '$1, line slants $2',
        '\bnickel\s+under\b' => 'nickel over, front to weak, ',
        '\bcover 1\s*,\s*(?:(?:ss|fs|strong safety|free safety)\s+)?(robber|hole|rat|lurk)\b' => 'cover 1 $1',
    ];

    /** What follows a letter that is a man. */
    private const LETTER = '\s+(?:&|(?:and|blitz|come|rush|drop|press'
        .'|walk|creep|off|on|spy|carr|rob|edge|fire|add|mug|play)\w*\b)';

    private const GAP = '(?:\s+(?:in|through|over)?\s*(?:the\s+)?[abcd][ -]?gap)?';

    /** What follows the front and the shell. */
    public const AFTER = [
        '(^|,)\s*(press|bail){end}' => '$1 corners $2',
        '{defender}\s+(?:is\s+)?on\s+the\s+(?:line|ball){end}' => 'walked $1',
        '(^|,)\s*(?:bracket|double)s?\s+(?:on\s+)?([xyzhr]){end}' => '$1 free safety plays bracket on $2',
    ];
}
