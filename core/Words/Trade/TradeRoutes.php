<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade;

/** What is said of receivers and their routes in words of the trade. Common practice. */
final class TradeRoutes
{
    /** Routes in the plural, which several men run. */
    private const PLURAL =
        'hitches|slants|outs|flats|seams|curls|digs|posts|corners|gos|goes|comebacks|ins|overs|wheels|fades'
        .'|shallows|drags';

    private const WHO = '(#\d\s+(?:right|left|both)|\binsides|\b[xyzhrf])';

    /** Men by what they are called. */
    public const MEN = [
        // "5 yard hitches" says how deep first.
        '(?<=[:;,]|side|sides|both|guys|men)\s+(\d{1,2})[ -]?(?:yds?|yards?)\s+('.self::PLURAL.')\b' => ' $2 $1',
        '^\s*inside\s+(?:receivers?|men|guys)(?:\s+runs?)?\s+(?=\w)' => 'insides ',
        '^\s*outside\s+(?:receivers?|men|guys)(?:\s+runs?)?\s+(?=\w)' => '#1 both ',
        '\b(?:fb|fullback)(?=\s+(?!screen|dive|trap|belly|pass)\w)' => 'F',
        '(?:[,;:]|\bwith)\s*bubbles\b' => ', #2 both bubble',
        '(?<=[:,;])\s*(?:te|tight end)\s+(?!screen)(?=[a-z])' => ' Y ',
        '\b(?:rb|hb|tb)(?=\s+(?!screen|slip|draw|pass)\w)' => 'R',
        '\bwr\s+(?=tunnel|bubble|now)' => '',
        '(?<=[,;:]|\bwith|\band)\s*(?:the\s+)?(?:running |half)?backs?\s+(?=(?:in\s+|check\s*)?(?:{route}'
            .'|down\b|swings))' => ' R ',
        '\b(?:tailback|halfback)(?=\s+{said run})' => 'R',
        '(?<=[:;,])(\s*[xyzhrf])\s*-\s+(?=[a-z])' => '$1 ',
        '({route})\s+from\s+(?:the\s+)?(?=(?:rb|hb|tb|back|running back|te|tight end)\b)' => '$1 by ',
        '\bby\s+(?:the\s+)?(?:rb|hb|tb|back|running back)\b' => 'by R',
        '(?<=\bwith|[,;:])\s+an?\s+(?={route})' => ' ',
        '\bby\s+the\s+(?=[xyzhrf]\b)' => 'by ',
        '(?<=[a-z])\s+to\s+(?:the\s+)?trips(?:\s+side)?(?=\s*[,;]|\s*$)' => '',
        '\b(?:rb|hb|tb|back|running\s+back)\s+releases?{end}' => 'R check flat',
        '\s*[,;]\s*(?:everyone|everybody|all|the\s+rest|rest)\s+(?:else\s+)?clears?(?:\s+out)?{end}' => '',
        '(?<=[:,])\s*(?:deep\s+)?(hitch|curl|comeback)(?:es|s)\s+at\s+(\d{1,2}){end}' => ' everybody $1 $2',
        '({man}\s+{route})\s+from\s+(?:the\s+)?{side}' => '$1',
        '{man}\s+dragging\b' => '$1 drag',
        '{man}\s+crossing\b' => '$1 cross',
        '({man}\s+{route})\s+only\b' => '$1',
        '({man}\s+over)\s+the\s+middle\b' => '$1',
        '({man}\s+block)\s+down\b' => '$1',
        '{man}\s+check(?:[ -]?down|\s+release)?\s+(?={side}{end})' => '$1 check flat ',
        '({route})\s*(?:&|\band\b)\s*({route})\s*(?:&|\band\b)\s*({route})\s*$' => ': #1 $1, #2 $2, #3 $3',
        '{man}\s+(swing|slide|sit|drag|stop)s\b' => '$1 $2',
        '{man}\s+bends?\b' => '$1 bender',
        '{man}\s+seals?\b' => '$1 block',
        '{man}\s+spot\b' => '$1 sit',
        '(?<=[:,;])\s*(?:the\s+)?(?:rb|hb|tb|running\s+back|back)\s+(?:on|runs?)\s+(?:an?\s+)?(?={route})' => ' R ',
        '^({formation})\s+(?=(?:{route}(?:e?s)?)\s+(?:outside|inside)\s*[,;])' => '$1: ',
        '^({formation})\s*[,:]?\s+(?!\w+\s+(?:and|&)\s+(?:go|up|corner|post)\b)({route})\s*(?:\/|\band\b'
            .'|&)\s*({route})\s*$' => '$1: #1 $2, #2 $3',
        '({route})\s+to\s+(?:the\s+)?(?:rb|hb|tb|back|running back){end}' => 'R $1',
        '({route})s?\s+by\s+(?:everyone|everybody|all|all of them)\b' => 'everybody $1',
        '(?<![\w-])(?!\w+\s+(?:and|&|n)\s+(?:go|up|corner|post)\b)'
            .'({route})s?\s*(?:and|&|,|\/)\s*({route})s?\s+(?:to\s+|on\s+)?'
            .'(?:(?:each|both|either)\s+sides?\b|both{end})' => '#1 both $1, #2 both $2',
        '({route})s?\s+(?:on\s+the\s+|by\s+the\s+)outside{end}' => '#1 both $1',
        '({route})s?\s+(?:on\s+the\s+|by\s+the\s+)inside{end}' => '#2 both $1',
        // Three routes joined by hyphens are those of a side, from the outside in.
        '\b(corner|post|curl|dig|slant|hitch|out|flat|seam|sit|go)-(corner|post|curl|dig|slant|hitch|out|flat|seam|sit'
            .'|wheel)-(corner|post|curl|dig|slant|hitch|out|flat|seam|sit|wheel)\b' => ': #1 $1, #2 $2, #3 $3',
        // "X on the backside slant", "boundary X fade": whose side he is on the set says.
        '{man}\s+on\s+(?:the\s+|an?\s+)?(?:backside\s+)?(?={route})' => '$1 ',
        '(?<=[,;:])\s*(?:field|boundary|backside|frontside)\s+(?={man}\s+(?:{route}|post|dig))' => ' ',
        '(\bbackside\s+{route})\s+alone\b' => '$1',
        '({route})s?\s+by\s+both\s+backs\b' => 'F $1, R $1',
        '\bby\s+(?:the\s+)?(?:te|tight end)\b' => 'by Y',
    ];

    /** Receivers by where they stand, by the number they have. */
    public const NUMBERS = [
        // A number between a depth and a route is a receiver's.
        '((?:@|\bat\b)\s*\d{1,2})\s+#?([1-4])\s+(?={route})' => '$1, #$2 ',
        // "1 post 2 dig 3 flat" are numbers of receivers.
        '(?<=:)\s*#?1\s+({route})[\s,]+#?2\s+({route})[\s,]+#?3\s+({route})' => ' #1 $1, #2 $2, #3 $3',
        '(?<=:)\s*#?1\s+({route})[\s,]+#?2\s+({route})\s+both(?:\s+sides)?\s*$' => ' #1 both $1, #2 both $2',
        '(?<=:)\s*#?1\s+({route})[\s,]+#?2\s+({route})' => ' #1 $1, #2 $2',
        '\b(?:fades?\s*(?:and|&|,)\s*seams?|seams?\s*(?:and|&|,)\s*fades?)\b' => '#1 both fade, #2 both seam',
        '(?<=[:;,])\s*seams(?=\s*(?:[;,]|$))' => ' #2 both seam',
        '\bdouble\s+fades?\b' => ': #1 both fade',
        ':\s*:' => ':',
        '(?<=[:;,])\s*outsides?(?:\s+(?:receivers?|wrs?|men|guys))?(?:\s+runs?)?\s+(?!zone|release|veer)'
            .'(?=\w)' => ' #1 both ',
        '(?<=[:;,])\s*(?:insides?(?:\s+(?:receivers?|men|guys))?|slots|slot'
            .'(?=\s+(?:'.self::PLURAL.')))(?:\s+runs?)?\s+(?!zone|release|veer)(?=\w)' => ' insides ',
        '(?<=[:;,])\s*([a-z][\w -]{1,20}?)\s+(?:by\s+(?:the\s+)?)?(?:outsides?|[#]?1s|ones)'
            .'(?=\s*[,;]|$)' => ' #1 both $1',
        '(?<=[:;,])\s*([a-z][\w -]{1,20}?)\s+(?:by\s+(?:the\s+)?)?(?:insides?|slots)(?=\s*[,;]|$)' => ' insides $1',
        '(?<=[:;,])\s*([a-z][\w -]{1,20}?)\s+(?:by\s+(?:the\s+)?)?(?:[#]?2s|twos)(?=\s*[,;]|$)' => ' #2 both $1',
        '(?<=[:;,]|\bright|\bleft|\brt|\blt)\s*#?([12])s\s+(?=[a-z])' => ', #$1 both ',
        '^({formation})\s+#?1\s+({route})[\s,]+#?2\s+({route})(?:[\s,]+#?3\s+({route}))?\s*$' => '$1: #1 $2, #2'
            .' $3, #3 $4',
        ',\s*#3\s*$' => '',
        ':\s*,' => ':',
        '(#\d)\s+(?='.self::PLURAL.')' => '$1 both ',
        '(#\d)\s+([\w -]+?)\s+both\s*(?=[;,]|$)' => '$1 both $2',
        // Two routes of a side without a colon, from the outside in.
        // Without a colon the first man's number ends the formation.
        '^({formation})\s*,\s*(?=(?:backside\s+)?#\d)' => '$1: ',
    ];

    /** A pattern and what stands in its place, one after the other. */
    public const RULES = [
        '(?<=[:;,])\s*(?:everybody|everyone|all)\s+(?:runs?\s+)?(hitch|slant|curl|comeback|out)(?:es|s)?\s+'
            .'(?:at\s+)?(\d{1,2}){end}' => ' everybody $1 $2',
        '(?<=[:;,])\s*(?:everybody|everyone)\s+(?:runs?\s+)?slants?{end}' => ' everybody slant',
        '(?<=[:;,])\s*(?:everybody|everyone)\s+(?:runs?\s+)?(?=hitch{end}|curl{end}|comeback{end})' => ' everybody ',
        '(?<=:)\s*both\s*:\s*' => ' ',
        '\b(stack|bunch|trips)\s+both\s*:\s*(?=[a-z])' => '$1: ',
        '(?<=:)\s*({route})\s*[\/,]\s*({route})\s*[\/,]\s*({route})\s*$' => ' #1 $1, #2 $2, #3 $3',
        '(?<=[:|])\s*(?!now|bubble|pop)({route}|glance)\s+to\s+(?:the\s+)?{man}{end}' => ' $2 $1',
        '{man}\s+({route})\s+(?:on\s+the\s+)?backside{end}' => '$1 $2',
        '(?<=[;,+]|with )\s*({route}|pop|now|glance)\s+to\s+(?:the\s+)?{man}{end}' => ' $2 $1',
        '(?<=[,:;])\s*([xyzhrf])\s+hot{end}' => ' hot $1',
        '\bflanker\b' => 'Z',
        '\bsplit end\b' => 'X',
        '(?<=[:;,])\s*(?:everybody|everyone)\s+(?=go\b)' => ' all ',
        '(?<=[:;,])\s*({route})\s+{man}(?=\s+(?:with|and|&)\s)' => ' $2 $1',
        '\s*[,:;]?\s*\bslot\s+({route})\s+({side})' => ': #2 $2 $1',
        '(?<=right|left|[,;])\s*\bslot\s+(?={route})' => ', #2 ',
        '(?<=[:;,])\s*rest\s+(?=block|stay)' => ' the rest ',
        '\s*[;,]\s*(?:the\s+)?rest\s+(?:verts|verticals|go|goes|clear|clear out)\s*$' => '',
        '(?<=[:;,])\s*(?:the\s+)?rest\s+(?=stick|smash|flood|sail|snag|spot|levels|drive|mesh)' => ' ',
        '(?<=[:;,])\s*deep\s+(?=post|corner|comeback)' => ' ',
        '\bswitch(\s+{side})?\s*,\s*(?:four verticals|4 verts|verts|verticals)\b' => 'switch verticals$1',
        '^({formation})\s*,?\s+backside\s+(?={route}\b)' => '$1: backside #1 ',
        '(?<=[:;,])\s*backside\s+(?={route}{end})' => ' backside #1 ',
        // The family's side is the strength's in any case.
        '(?<=[:;,])\s*frontside\s+(?!{route}|bubble)(?=\w)' => ' ',
        '(?<=[:;,])\s*({route})\s+backside{end}' => ' backside #1 $1',
        '(?<=[:;,])\s*double\s+(smash|drive|levels|stick|curl[ -]?flat|slant[ -]?flat|snag'
            .'|hitch|hitches)\b' => ' $1 both',
        '(?<=[:;,])\s*deep\s+outs{end}' => ' #1 both out 12',
        '{man}\s+drag\s+(?:to\s+)?(?:the\s+)?flat\b' => '$1 slide',
        '(?<=[:;,])\s*triple\s+slants?(\s+{side})?{end}' => ' #1$1 slant, #2$1 slant, #3$1 slant',
        '{man}\s+sail(?=\s+\d)' => '$1 out',
        '{man}\s+sail\b' => '$1 out 12',
        '(?<=[:;,])\s*(flood|sail|smash|drive|levels|stick|spot|snag)\s+(?={man}\s+(?:{route}'
            .'|sail)\s+{man})' => ' $1; ',
        // The order of the reads: "progression Z H Y", "1 Y 2 X 3 H", "read H Z R".
        '\bprogression\s*:?\s+(?=[xyzhrf]\b)' => 'read ',
        '\b1[.)]?\s+([xyzhrf])[\s,]+2[.)]?\s+([xyzhrf])[\s,]+3[.)]?\s+([xyzhrf])\b' => 'read $1, $2, $3',
        '(\bread\s+[xyzhrf])\s+([xyzhrf])\s+([xyzhrf])\s+([xyzhrf])(?=\s*[;,]|\s*$)' => '$1, $2, $3, $4',
        '(\bread\s+[xyzhrf])\s+([xyzhrf])\s+([xyzhrf])(?=\s*[;,]|\s*$)' => '$1, $2, $3',
        '(\bread\s+[xyzhrf])\s+([xyzhrf])(?=\s*[;,]|\s*$)' => '$1, $2',
        // A defender who is read is the key.
        '\breads?\s+(?:the\s+)?{defender}(?=\s*[;,]|\s*$)' => 'key $1',
        // "X 6 hitch" says the depth first.
        '{man}\s+(\d{1,2})[ -]?(?:yds?|yards?)?\s+({route})(?=\s*[,;]|\s*$)' => '$1 $3 $2',
        '\b(hitches|slants|curls|outs|comebacks|verticals|verts|gos|goes)\s+(?:by\s+)?(?:all|everybody'
            .'|everyone)\b' => 'all $1',
        '\ball\s+slants\b' => 'everybody slant',
        '(?<=[:;,])\s*(?:go\'?s|goes)(?=\s*$)' => ' all go',
        '\b(?:all|everybody|everyone)\s+hitches\b' => 'hitches',
        '\bmirrored\s+([\w-]+(?:[ -][\w-]+)?)\s*(?=[,:;]|$)' => '$1 both',
        // "#1 hitches" is a hitch by each of them.
        self::WHO.'\s+hitches\b' => '$1 hitch',
        self::WHO.'\s+goes\b' => '$1 go',
        self::WHO.'\s+(?='.self::PLURAL.')(\w+)s\b' => '$1 $2',
        '{man}\s+iso(?:lated)?\s+(?={route})' => '$1 ',
        '{man}\s+(?:backside|frontside|weakside)\s+(?={route})' => '$1 ',
        '\balert\s+({route})\s+(?:by\s+)?([xyzhrf])\b' => '$2 $1 alert',
        '\balert\s+([xyzhrf])\s+({route})\b' => '$1 $2 alert',
        '\balert\s+({route})\s+(?:on\s+the\s+)?backside\b' => 'backside #1 $1 alert',
        '{man}\s+snag\b' => '$1 sit',
        '{man}\s+option\b' => '$1 choice',
        '{man}\s+check\s+wide\b' => '$1 check swing',
        '{man}\s+in\s+swings?\b' => '$1 swing',
        '{man}\s+checks?[ -]?down\b' => '$1 check flat',
        '{man}\s+checks?(?=\s*[,;]|\s*$)' => '$1 check flat',
        '\b([xyzhrf])\s+([xyzhrf])\s+(?={route}\b)' => '$1 & $2 ',
        '(?<=[,;:\s])([xyzhrf])\/([xyzhrf])\s+(?={route})' => '$1 & $2 ',
        '{man}(?:\s+and\s+|\s*&\s*)([xyzhrf])\s+([^,;:]+)' => '$1 $3, $2 $3',
        // "X dig, trips stick" names the side by its men.
        '(:[^:]*[,;]\s*)trips\s+(?=[a-z])' => '$1',
        '\b(fade|drag|cross|glance)-(?=[a-z])' => '$1 ',
        // Two routes joined after the colon are those of a side, from the outside in.
        '(?<=:)\s*({route})\s*\/\s*({route})(?=\s*(?:{side})?\s*$)' => ' $1 $2',
        '{man}\s+check\s+releases?\b' => '$1 check flat',
        '{man}\s+(?:quick|short)\s+(?=slant|hitch)' => '$1 ',
        '{man}\s+deep\s+(?=comeback|corner|post|go|seam)' => '$1 ',
        '{man}\s+deep\s+out\b' => '$1 out 15',
        '{man}\s+deep\s+(?:in|dig)\b' => '$1 dig 15',
    ];
}
