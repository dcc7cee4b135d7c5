<?php

/*
 * Words as coaches type them, and what they mean: abbreviations, synonyms, any order.
 * Common practice without a published source.
 */

use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\StaffBook;
use Jacotaxis\Core\Words\TradeWords;

it('understands a call as it is typed', function (string $typed, string $means): void {
    expect(Describer::words(CallParser::parse($typed)))->toBe($means);
})->with([
    ['Gun Trips Rt - Four Verts', 'gun trips right: four verticals right'],
    ['gun trips rt, 4 verts', 'gun trips right: four verticals right'],
    ['gun 2x2 rt smash lt', 'gun 2x2 right: smash left'],
    ['gun trips right, smash right and X slant', 'gun trips right: smash right; X slant'],
    ['gun trips lt: smash, X dig', 'gun trips left: smash left; X dig'],
    ['I right iso rt', 'under center I right: iso right'],
    ['gun spread, inside zone left', 'gun 2x2 right: zone left'],
    ['Pistol Trips Lt stretch rt', 'pistol trips left: outside zone right'],
    ['gun trips rt duo', 'gun trips right: duo right'],
    ['gun wing lt power lt', 'gun wing left: power left'],
    ['gun trips rt H jet motion lt, outside zone lt', 'gun trips right, H jet left: outside zone left'],
    ['gun doubles: Z post, X post, H over, Y flat', 'gun 2x2 right: yankee left; Z post; Y flat'],
    [
        'under center wing rt, boot rt: Y flat, H drag 12, X post',
        'under center wing right, boot right: boot flood right; H over 12; X post; Z go clear',
    ],
    ['UC I rt PA power rt: yankee', 'under center I right, power right fake: yankee right'],
    ['gun doubles PA inside zone rt: post wheel rt', 'gun 2x2 right, zone right fake: post-wheel right'],
    ['gun trips rt: Z curl 12, H flat, Y seam', 'gun trips right: curl-flat right; Y seam'],
    ['gun trips rt: #1 curl, #2 flat, #3 seam', 'gun trips right: curl-flat right; Y seam'],
    ['gun trips rt: Z hitch @ 6, H corner @ 10', 'gun trips right: smash right'],
    ['gun bunch rt: mesh, Z corner', 'gun bunch right: mesh right; Z corner'],
    ['gun stack rt: slant flat rt', 'gun stack right: slant-flat right'],
    ['gun empty rt: stick rt, double slants lt', 'gun empty right: stick right; double slants left'],
    ['gun doubles rt: Z comeback 16, X go, H flat', 'gun 2x2 right: Z comeback; X go; H flat'],
    ['gun 2x2: zone rt; tag arc lt', 'gun 2x2 right: zone right; tag arc left'],
    ['gun trips rt: counter lt', 'gun trips right: counter left'],
    ['I right: toss rt', 'under center I right: toss right'],
    ['I lt trap rt', 'under center I left: trap right'],
    ['under center double slot midline rt', 'under center double-slot right: midline right'],
    ['double slot rt freeze option lt', 'under center double-slot right, R pitch left: freeze option left'],
    ['gun trips rt speed option lt', 'gun trips right: speed option left'],
    ['gun 2 back: veer rt', 'gun two-back right: triple right'],
    ['gun trey lt: outside zone rt', 'gun trey left: outside zone right'],
    ['gun doubles: zone rt RPO: X glance', 'gun 2x2 right: zone right, rpo: X post 6'],
    ['gun trips rt: R swing rt, X slant', 'gun trips right: R swing right; X slant'],
    ['gun trips rt: flood right, R block', 'gun trips right: flood right; R block'],
    ['gun trips rt: Y block; Z post, X go', 'gun trips right: Z post; X go; Y block'],
    ['gun doubles: Y stays; smash rt', 'gun 2x2 right: smash right; Y block'],
    ['gun doubles seven man: post dig rt', 'gun 2x2 right, seven-man: post-dig right'],
    ['gun doubles rt, half slide lt: smash rt', 'gun 2x2 right, half-slide left: smash right'],
    ['gun trips rt big on big: four verticals', 'gun trips right, big-on-big: four verticals right'],
    ['gun trips rt 5 step: post dig rt', 'gun trips right, five: post-dig right'],
    ['3rd & 8 | gun doubles rt: go dig rt', '3rd & 8, ball on -40, middle | gun 2x2 right: go-dig right'],
    ['2nd and 5 | gun trips rt: stick', '2nd & 5, ball on -40, middle | gun trips right: stick right'],
    ['gun trips rt: Y corner, Z flat, H go', 'gun trips right: Y corner; Z flat; H go'],
    ['trips right smash right', 'gun trips right: smash right'],
    ['empty left stick left', 'gun empty left: stick left'],
    ['wing right counter left', 'under center wing right: counter left'],
    ['gun trips rt: smash rt', 'gun trips right: smash right'],
    ['Trips Rt Smash', 'gun trips right: smash right'],
    ['gun doubles rt: 4 verts', 'gun 2x2 right: four verticals right'],
    ['shotgun doubles: inside zone rt', 'gun 2x2 right: zone right'],
    ['doubles rt iz left', 'gun 2x2 right: zone left'],
    ['gun trips lt, 3 step: stick lt', 'gun trips left, three: stick left'],
    ['I rt: power rt', 'under center I right: power right'],
    ['I right power o lt', 'under center I right: power left'],
    ['gun bunch rt: snag rt', 'gun bunch right: spot right'],
    ['trips rt sail rt', 'gun trips right: flood right'],
    [
        'under center i rt, pa outside zone lt, boot rt: boot flood rt',
        'under center I right, outside zone left fake, boot right: boot flood right',
    ],
    ['gun doubles: all hitches', 'gun 2x2 right: hitches right'],
    ['gun doubles rt: curl flat rt, X post', 'gun 2x2 right: curl-flat right; X post'],
    [
        'gun doubles: X drag, Z dig @ 12 yds, H wheel rt; read Z, X',
        'gun 2x2 right: shallow cross right; Z dig; H wheel right',
    ],
    ['pistol doubles: stretch lt', 'pistol 2x2 right: outside zone left'],
    ['gun trips rt: counter gt rt', 'gun trips right: counter right'],
    ['gun 2x2: qb draw', 'gun 2x2 right: quarterback draw right'],
    ['gun doubles: zone read lt', 'gun 2x2 right: zone left'],
    ['double slot: triple rt', 'under center double-slot right, H pitch right: triple right'],
    ['double slot: midline lt', 'under center double-slot right: midline left'],
    ['flexbone triple rt', 'under center double-slot right, H pitch right: triple right'],
    ['wing rt: jet sweep rt', 'under center wing right: jet right'],
    ['gun doubles: zone rt, rpo: H bubble', 'gun 2x2 right: zone right, rpo: H bubble'],
    ['gun doubles rt: Z fade, X slant', 'gun 2x2 right: Z go outside release; X slant'],
    ['gun empty: quick game: double slants', 'gun empty right, quick: double slants right'],
    ['gun trips rt, sprint out rt: flood rt', 'gun trips right, half-boot right: flood right'],
    ['gun trips rt: 3 step: stick', 'gun trips right, three: stick right'],
    ['gun doubles, max protect: yankee', 'gun 2x2 right, seven-man: yankee right'],
    ['gun trips rt: zone to the left', 'gun trips right: zone left'],
    ['gun trips rt: X slant + Z go', 'gun trips right: X slant; Z go'],
    ['gun doubles: power strong', 'gun 2x2 right: power right'],
    ['gun trips rt: zone rt; LT climb will', 'gun trips right: zone right; LT climb will'],
    ['gun trips rt: qb sneak', 'gun trips right: quarterback sneak right'],
    ['3rd and 2 | I rt: qb sneak', '3rd & 2, ball on -40, middle | under center I right: quarterback sneak right'],
    ['gun doubles rt: sluggo by Z', 'gun 2x2 right: Z slant-go'],
    ['gun doubles rt: Z sluggo, H seam', 'gun 2x2 right: Z slant-go; H seam'],
    ['gun trips rt: H wheel, Z post', 'gun trips right: post-wheel right'],
    ['empty rt quick: Z slant, H flat', 'gun empty right, quick: slant-flat right'],
    ['gun trips rt: H motion jet lt: zone lt', 'gun trips right, H jet left: zone left'],
    ['gun trips rt : spacing', 'gun trips right: spacing right'],
    ['gun empty: hitch all', 'gun empty right: hitches right'],
    ['gun doubles: quick outs', 'gun 2x2 right: quick outs right'],
    ['gun doubles: speed outs', 'gun 2x2 right: quick outs right'],
    ['gun 2x2: power read rt', 'gun 2x2 right: power read right'],
    ['gun trips rt: zone lt, rpo bubble', 'gun trips right: zone left, rpo: H bubble'],
    ['gun 2x2: zone rt, rpo: backside slant', 'gun 2x2 right: zone right, rpo: X slant'],
    ['gun doubles rt 3rd & 8: go dig rt', '3rd & 8, ball on -40, middle | gun 2x2 right: go-dig right'],
    ['gun trips rt: Texas R', 'gun trips right: texas right'],
    ['gun trips rt: R angle', 'gun trips right: R angle'],
    ['I pro rt dive rt', 'under center I right: dive right'],
    ['gun trips rt: bubble screen rt', 'gun trips right: bubble screen right'],
    ['trips rt bubble', 'gun trips right: bubble screen right'],
    ['gun trips lt: tunnel screen lt', 'gun trips left: tunnel screen left'],
    ['gun doubles rt tunnel rt', 'gun 2x2 right: tunnel screen right'],
    ['gun 2x2: slip screen left', 'gun 2x2 right: slip screen left'],
    ['gun doubles lt: RB screen rt', 'gun 2x2 left: slip screen right'],
    ['gun trips rt: swing screen lt', 'gun trips right: swing screen left'],
    ['gun trey rt: TE screen lt', 'gun trey right: tight end screen left'],
    ['gun trips right: now screen right', 'gun trips right: now screen right'],
    ['gun bunch rt: jailbreak screen rt', 'gun bunch right: tunnel screen right'],
    ['I right draw right', 'under center I right: draw right'],
    ['gun 2x2: draw left', 'gun 2x2 right: draw left'],
    ['gun doubles rt qb draw', 'gun 2x2 right: quarterback draw right'],
    ['I rt lead draw rt', 'under center I right: draw right'],
    ['gun trips rt, sprint rt: flood rt', 'gun trips right, half-boot right: flood right'],
    ['gun doubles rt sprint out rt smash rt', 'gun 2x2 right, half-boot right: smash right'],
    ['gun trips rt roll rt: curl-flat rt', 'gun trips right, half-boot right: curl-flat right'],
    ['gun trips lt: sprint lt; flood lt', 'gun trips left, half-boot left: flood left'],
    ['gun 2x2: power read right', 'gun 2x2 right: power read right'],
    ['gun trips rt power read lt', 'gun trips right: power read left'],
    ['I right: iso right', 'under center I right: iso right'],
    ['I rt lead rt', 'under center I right: iso right'],
    ['I right insert right', 'under center I right: insert right'],
    ['gun H-back rt: insert rt', 'gun H-back right: insert right'],
    ['gun doubles: dart left', 'gun 2x2 right: dart left'],
    ['gun trips lt dart rt', 'gun trips left: dart right'],
    ['under center wing rt: pin and pull right', 'under center wing right: pin and pull right'],
    ['gun trey lt pin & pull lt', 'gun trey left: pin and pull left'],
    ['under wing lt: pin-pull lt', 'under center wing left: pin and pull left'],
    ['gun 2x2, H jet left: reverse right', 'gun 2x2 right, H jet left: reverse right'],
    ['gun 2x2: end around Z left', 'gun 2x2 right: Z end around left'],
    ['gun doubles rt: Z end around lt', 'gun 2x2 right: Z end around left'],
    ['I right: fb dive right', 'under center I right: F dive right'],
    ['I rt wham rt', 'under center I right: wham right'],
    ['gun H-back lt wham lt', 'gun H-back left: wham left'],
    ['gun trips right, 6 man: post-dig right', 'gun trips right, six-man: post-dig right'],
    ['gun doubles rt 8 man: yankee rt', 'gun 2x2 right, eight-man: yankee right'],
    ['I right max protect: post cross rt', 'under center I right, seven-man: yankee right'],
    ['gun doubles, 7-man: post-dig right', 'gun 2x2 right, seven-man: post-dig right'],
    ['gun trips rt 5 man pro: stick rt', 'gun trips right, five-man: stick right'],
    ['gun trips rt BOB: stick rt', 'gun trips right, big-on-big: stick right'],
    ['gun doubles: Z fade', 'gun 2x2 right: Z go outside release'],
    ['gun doubles: Z fade; X fade; read Z, X', 'gun 2x2 right: Z go outside release; X go outside release'],
    ['gun 2x2: Z back-shoulder fade', 'gun 2x2 right: Z back shoulder'],
    ['gun 2x2: fades', 'gun 2x2 right: fade-out right'],
    ['gun doubles rt: Z whip; H seam', 'gun 2x2 right: Z whip; H seam'],
    ['gun trips rt: R angle', 'gun trips right: R angle'],
    ['gun doubles: Y cross; Z post; X dig', 'gun 2x2 right: yankee right; Y over; X dig'],
    ['gun doubles: mesh R wheel', 'gun 2x2 right: mesh right; R wheel'],
    ['gun trips rt: Y cross', 'gun trips right: Y over'],
    ['gun 2x2: X glance, zone rt', 'gun 2x2 right: zone right, rpo: X post 6'],
    ['gun 2x2: zone right, rpo glance X', 'gun 2x2 right: zone right, rpo: X post 6'],
    ['gun trips rt: zone lt rpo bubble H', 'gun trips right: zone left, rpo: H bubble'],
    ['gun trips rt: zone lt with bubble', 'gun trips right: zone left, rpo: H bubble'],
    ['gun trey rt: Y pop; zone lt', 'gun trey right: zone left, rpo: Y seam 6'],
    ['gun doubles: Z slugo', 'gun 2x2 right: Z slant-go'],
    ['gun doubles: Z sluggo; H wheel', 'gun 2x2 right: Z slant-go; H wheel'],
    ['gun doubles: Z stutter go', 'gun 2x2 right: Z hitch-go'],
    ['gun doubles: Z post corner; H flat', 'gun 2x2 right: Z post-corner; H flat'],
    ['gun 2x2: Y under; X dig', 'gun 2x2 right: Y shallow; X dig'],
    ['gun doubles: levels rt', 'gun 2x2 right: levels right'],
    ['gun trips rt: snag rt', 'gun trips right: spot right'],
    ['gun trips rt: spacing', 'gun trips right: spacing right'],
    ['gun empty: stick', 'gun empty right: stick right'],
    ['gun empty rt: hitches', 'gun empty right: hitches right'],
    ['gun bunch rt: snag rt', 'gun bunch right: spot right'],
    ['gun trips rt: texas R', 'gun trips right: texas right'],
    ['gun 2x2: texas', 'gun 2x2 right: texas right'],
    ['gun trips rt: dagger rt', 'gun trips right: inverted post-dig right'],
    ['gun doubles: dagger', 'gun 2x2 right: inverted post-dig right'],
    ['gun 2x2: mills rt', 'gun 2x2 right: post-dig right'],
    ['gun trips rt: verts', 'gun trips right: four verticals right'],
    ['gun quads rt: verts', 'gun quads right: four verticals right'],
    ['gun quads right: bubble screen right', 'gun quads right: bubble screen right'],
    ['wishbone: triple right', 'under center wishbone right: triple right'],
    ['wishbone right triple left', 'under center wishbone right: triple left'],
    ['full house rt: power rt', 'under center full house right: power right'],
    ['gun full house: dive right', 'gun full house right: dive right'],
    ['pro rt: power rt', 'under center split-back right: power right'],
    ['pro i rt: power lt', 'under center I right: power left'],
    ['ace rt: outside zone rt', 'under center ace right: outside zone right'],
    ['ace: oz lt', 'under center ace right: outside zone left'],
    ['singleback wing rt: duo rt', 'under center wing right: duo right'],
    ['wing t rt: buck rt', 'under center wing-T right: buck right'],
    ['wing t: trap lt', 'under center wing-T right: trap left'],
    ['wing-t rt: belly rt', 'under center wing-T right: belly right'],
    ['tackle over rt: power rt', 'gun unbalanced right: power right'],
    ['unbalanced rt: toss rt', 'gun unbalanced right: toss right'],
    ['flexbone: triple rt', 'under center double-slot right, H pitch right: triple right'],
    ['flexbone: midline lt', 'under center double-slot right: midline left'],
    ['flexbone: rocket toss rt', 'under center double-slot right: rocket right'],
    ['double wing: power rt', 'under center double-wing right: power right'],
    ['double tight: dive rt', 'under center ace right: dive right'],
    ['empty: qb power rt', 'gun empty right: quarterback power right'],
    ['empty gun: qb draw', 'gun empty right: quarterback draw right'],
    ['gun tight bunch rt: mesh', 'gun bunch tight right: mesh right'],
    ['pistol wing rt: counter lt', 'pistol wing right: counter left'],
    ['pistol: zone read rt', 'pistol 2x2 right: zone right'],
    ['pistol trips lt: oz rt', 'pistol trips left: outside zone right'],
    ['gun trips rt PA zone lt: Y over; Z post; read Y, Z', 'gun trips right, zone left fake: Y over; Z post'],
    ['I rt, PA iso rt: Z post, X over', 'under center I right, iso right fake: yankee right'],
    ['under wing rt, pa stretch lt, naked rt: flood rt', 'under center wing right, outside zone left fake, naked right: flood right'],
    ['3rd & 8 | gun doubles rt: go dig rt', '3rd & 8, ball on -40, middle | gun 2x2 right: go-dig right'],
    ['goal line | I rt: power rt', '1st & 3, ball on 3, middle | under center I right: power right'],
    ['gun 2x2 rt: hot R; four verts', 'gun 2x2 right: four verticals right; hot R'],
    ['gun 2x2: quick slants', 'gun 2x2 right: double slants right'],
    ['gun doubles: double slant both', 'gun 2x2 right: double slants both'],
    ['gun doubles: slant-flat both', 'gun 2x2 right: slant-flat both'],
    ['gun doubles: hitch/seam', 'gun 2x2 right: hitch-seam right'],
    ['gun doubles: hitch seam both', 'gun 2x2 right: hitch-seam both'],
    ['gun trips rt: all curls', 'gun trips right: curls right'],
    ['gun doubles: all curls', 'gun 2x2 right: curls right'],
    ['gun doubles: comebacks', 'gun 2x2 right: comebacks both'],
    ['gun doubles: Z comeback; H seam; Y seam; X comeback', 'gun 2x2 right: comebacks both'],
    ['gun doubles: out/flat rt', 'gun 2x2 right: out-flat right'],
]);

it('understands a look in any order', function (string $typed, string $means): void {
    expect(LookParser::parse($typed)->words())->toBe($means);
})->with([
    ['4-2-5, cover 3', '4-2 nickel, cover 3'],
    ['cover 3, 4-2 nickel', '4-2 nickel, cover 3'],
    ['4-2-5 c3', '4-2 nickel, cover 3'],
    ['4-3 cover 2', '4-3 over, cover 2'],
    ['4-3 over c4', '4-3 over, cover 4'],
    ['3-4 cov 3', '3-4, cover 3'],
    ['3-3-5 cover 3', '3-3 stack, cover 3'],
    ['nickel quarters', '4-2 nickel, cover 4'],
    ['4-2-5 quarters', '4-2 nickel, cover 4'],
    ['4-4 cover 3', '4-4, cover 3'],
    ['bear cover 1 press', 'bear, cover 1, corners press'],
    ['46 cover 0', 'bear, cover 0'],
    ['4-3 2 man', '4-3 over, 2-man'],
    ['3-4 quarters', '3-4, cover 4'],
    ['3-4 okie, cover 6', '3-4, cover 6'],
    ['4-2-5, cover 1, press', '4-2 nickel, cover 1, corners press'],
    ['4-2-5 cover 3, 5 man pressure', '4-2 nickel, cover 3, five rush'],
    ['4-3 under, cover 1 robber', '4-3 under, cover 1 robber'],
    ['4-3 over man free', '4-3 over, cover 1'],
    ['5-2 cover 3', '5-2, cover 3'],
    ['3-3 stack tampa 2', '3-3 stack, tampa 2'],
    ['4-2-5 zero blitz', '4-2 nickel, cover 0'],
    ['4-2 nickel, cover 3, rotate weak', '4-2 nickel, cover 3, safety rotates weak'],
    ['4-3, cover 3 sky', '4-3 over, cover 3'],
    ['4-2-5, cover 2, blitz will', '4-2 nickel, cover 2, will blitz'],
    ['c3 4-2-5', '4-2 nickel, cover 3'],
    ['press, 4-2-5, cover 1', '4-2 nickel, cover 1, corners press'],
    ['4-2-5, quarters, five rush', '4-2 nickel, cover 4, five rush'],
    ['over cover 3', '4-3 over, cover 3'],
    ['under, c1', '4-3 under, cover 1'],
    ['okie quarters', '3-4, cover 4'],
    ['3-3-5 c3 press', '3-3 stack, cover 3, corners press'],
    ['4-4 c3, sam blitz', '4-4, cover 3, sam blitz'],
    ['Cover 4, 4-3', '4-3 over, cover 4'],
    ['4-2-5 cvr 2', '4-2 nickel, cover 2'],
    ['bear zero', 'bear, cover 0'],
    ['46 man free', 'bear, cover 1'],
    ['4-3 over, cover 3, rotate st', '4-3 over, cover 3, safety rotates strong'],
    ['3-4, cover 2 man', '3-4, 2-man'],
    ['4-2-5, cover 3, field pressure', '4-2 nickel, cover 3, edge pressure field'],
    ['6-2 cover 0', '6-2, cover 0'],
    ['5-2 monster, c3', '5-2, cover 3'],
    ['4-2-5, cover 3, shows cover 2', '4-2 nickel, cover 3, shows cover 2'],
    ['tite quarters', 'tite, cover 4'],
    ['mint c4', 'tite, cover 4'],
    ['4-2-5 cover 6', '4-2 nickel, cover 6'],
    ['4-3, tampa', '4-3 over, tampa 2'],
    ['4-2-5, man free, soft corners', '4-2 nickel, cover 1, corners off'],
    ['4-2-5, robber', '4-2 nickel, cover 1 robber'],
    ['nickel, cover 2', '4-2 nickel, cover 2'],
]);

it('asks what staffs mean differently, and never proposes the word it refused', function (string $typed): void {
    try {
        CallParser::parse($typed);
        $said = null;
    } catch (NotUnderstood $e) {
        $said = $e;
    }
    expect($said)->not->toBeNull()->and($said->suggestions)->not->toContain($said->word);
})->with([
    'Gun Dbls Rt 60 smash',
    'PA inside zone rt, boot lt: boot flood lt',
    'gun trey rt: RT climb will; zone rt',
    'gun doubles weak: zone weak',
    'I rt bo sweep rt',
]);

it('says how to say what it has other words for', function (string $typed, string $says): void {
    expect(fn () => CallParser::parse($typed))->toThrow(NotUnderstood::class, $says);
})->with([
    ['I right flea flicker: Z post; X post', 'fake the run'],
    ['gun doubles rt hb pass rt', 'the quarterback throws every ball'],
    ['gun trips rt: shovel lt', 'power read and speed option'],
    ['wildcat: power rt', 'quarterback power'],
    ['gun stack: rub rt', 'several rubs'],
    ['gun trips rt: wr screen rt', 'bubble screen, now screen or tunnel screen'],
]);

it('keeps a route a route where a word may also be a run', function (string $typed, string $means): void {
    expect(Describer::words(CallParser::parse($typed)))->toBe($means);
})->with([
    'a bubble told to a man' => ['gun 2x2: Z go; H bubble; read H', 'gun 2x2 right: Z go; H bubble; read H'],
    'a bubble by number' => ['gun 2x2 right: #2 right bubble right; read H', 'gun 2x2 right: H bubble right'],
    'under is a route, under center is not' => [
        'under center 2x2: Y under; X dig',
        'under center 2x2 right: Y shallow; X dig',
    ],
    'a lead told to a man' => ['I right: power right; F lead sam', 'under center I right: power right; F lead sam'],
    'rocket the run, jet the motion' => [
        'double-slot, H jet right: rocket rt',
        'under center double-slot right, H jet right: rocket right',
    ],
]);

it('leaves the language\'s own words as they are', function (string $own): void {
    expect(TradeWords::call($own))->toBe($own);
})->with([
    'gun 2x2 right: shallow cross right; read X, H',
    'gun trips right, half-boot right: roll-out crossers right',
    'under center wing right, F jet left, zone left fake, boot right: Y slide, H over 12',
    'gun H-back left: split zone right; tag arc left',
    'gun 2x2 right: Z post-corner; X slant-go; H out-up',
    'gun two-back right, freeze right: freeze option right; tag tackle arc',
]);

it('keeps RT and LT the tackles where a man is meant', function (string $typed, string $put): void {
    expect(TradeWords::call($typed))->toBe($put);
})->with([
    'a side' => ['gun trips rt: zone lt', 'gun trips right: zone left'],
    'a job' => ['gun trips: zone right; LT climb will', 'gun trips: zone right; LT climb will'],
    'a motion' => ['unbalanced right, LT shift left: zone right', 'unbalanced right, LT shift left: zone right'],
]);

it('keeps a man in who is told to block, and says so again', function (string $typed, string $man): void {
    $call = CallParser::parse($typed);
    expect($call->routes)->not->toHaveKey($man)
        ->and(CallParser::parse(Describer::words($call))->routes)->toEqual($call->routes);
})->with([
    'a tight end' => ['gun trey right: smash left; Y block', 'Y'],
    'a back' => ['gun 2x2 right: curl-flat right; R stays in', 'R'],
    'a slot, routes by hand' => ['gun 2x2 right: Z post; X dig; H protect; read Z, X', 'H'],
]);

it('refuses two jobs for a man who stays in', function (): void {
    CallParser::parse('gun 2x2 right: smash right; R block; R flat');
})->throws(NotUnderstood::class);

it('puts a line over once: a second time changes nothing', function (string $typed): void {
    $once = TradeWords::call($typed);
    expect(TradeWords::call($once))->toBe($once);
})->with([
    'doubles rt iz lt',
    'I rt power o lt',
    'uc wing rt, PA stretch lt, bootleg rt: sail rt',
    'gun trips rt: Z fade, H drag 12, Y glance',
    '3rd & 8 | dubs: 4 verts',
]);

it('reads a staff\'s own set and family without a colon, too', function (): void {
    $set = CallParser::parse('gun trips left: smash left')->formation;
    $book = new StaffBook(sets: ['ridge' => $set]);
    expect(CallParser::parse('ridge smash lt', null, $book)->formation->words())->toBe($set->words());
});
