<?php

/* Films as phones and camcorders write them: turned by the player, at a rate of their own, cut off, too large. */

use App\Film\Files\Footage;
use App\Film\Files\FrameTimes;
use App\Film\Files\Probe;

/**
 * When the pictures of a film are shown, seconds, with every one of some numbers left out.
 *
 * @param  Closure(int): bool  $left
 * @return list<float>
 */
function shownAt(float $fps, int $count, float $from = 0.0, ?Closure $left = null): array
{
    $numbers = array_filter(range(0, $count - 1), fn (int $n): bool => $left === null || ! $left($n));

    return array_values(array_map(fn (int $n): float => $from + $n / $fps, $numbers));
}

function footage(string $format, string $codec, int $width, int $height, float $turned, float $pixel): Footage
{
    return new Footage($format, $codec, $width, $height, $turned, $pixel, 30.0, 2.0, FrameTimes::of(shownAt(30.0, 60)));
}

it('knows whether the pictures of a film come at one rate, and the rate at which each has its place', function (
    array $shownS,
    bool $even,
    float $fps,
    float $endsS,
): void {
    $times = FrameTimes::of($shownS);
    expect($times->areEven())->toBe($even)
        ->and($times->rate())->toEqualWithDelta($fps, 0.2)
        ->and($times->endsS)->toEqualWithDelta($endsS, 0.001);
})->with([
    'thirty a second' => [shownAt(30.0, 60), true, 30.0, 2.0],
    'sixty, told in milliseconds' => [
        array_map(fn (float $s): float => round($s, 3), shownAt(60.0, 120)), true, 60.0, 2.0],
    'in the order they are stored' => [[0.0, 0.1, 0.05, 0.2, 0.15], true, 20.0, 0.25],
    'a clock that does not begin at nought' => [shownAt(25.0, 50, 9.0), true, 25.0, 2.0],
    'every seventh left out' => [shownAt(30.0, 70, left: fn (int $n): bool => $n % 7 === 3), false, 30.0, 70 / 30],
    'half as fast in the dark' => [[...shownAt(60.0, 60), ...shownAt(30.0, 30, 1.0)], false, 60.0, 1.983],
    'one stray in a long film' => [shownAt(30.0, 300, left: fn (int $n): bool => $n === 100), true, 30.0, 10.0],
    'no times at all' => [[], true, 30.0, 0.0],
    'one picture' => [[3.0], true, 30.0, 0.0],
]);

it('tells what a film is as it is shown, and what must be changed for that', function (
    Footage $footage,
    array $size,
    array $changes,
    ?string $mime,
): void {
    expect($footage->size())->toBe($size)
        ->and($footage->changes())->toBe($changes)
        ->and($footage->mime())->toBe($mime)
        ->and($footage->missing())->toBeNull();
})->with([
    'as it is' => [footage('mov,mp4', 'h264', 1920, 1080, 0.0, 1.0), [1920, 1080], [], 'video/mp4'],
    'a phone held upright' => [
        footage('mov,mp4', 'h264', 1920, 1080, -90.0, 1.0), [1080, 1920], ['turned upright'], null],
    'the other way up' => [footage('mov,mp4', 'h264', 1920, 1080, 180.0, 1.0), [1920, 1080], ['turned upright'], null],
    'turned all the way' => [footage('mov,mp4', 'h264', 1920, 1080, 360.0, 1.0), [1920, 1080], [], 'video/mp4'],
    'wide pixels' => [
        footage('mov,mp4', 'h264', 1440, 1080, 0.0, 4 / 3), [1920, 1080], ['its pixels made square'], null],
    'both' => [
        footage('mov,mp4', 'h264', 1440, 1080, 90.0, 4 / 3), [1080, 1920],
        ['turned upright', 'its pixels made square'], null],
    'too large' => [footage('matroska,webm', 'vp9', 7680, 4320, 0.0, 1.0), [7680, 4320], ['made smaller'], null],
    'no browser plays it' => [footage('avi', 'mpeg4', 640, 480, 0.0, 1.0), [640, 480], [], null],
]);

it('says what is missing of a film that was cut off, and counts on what is there', function (): void {
    $times = FrameTimes::of(shownAt(30.0, 60));
    $cut = new Footage('mov,mp4', 'h264', 1280, 720, 0.0, 1.0, 30.0, 6.0, $times);
    expect($cut->missing())->toBe('It says it is 6.0 s long and ends at 2.0 s: the rest is missing. '
        .'Copy it from the camera again.')
        ->and($cut->video()['durationS'])->toBe(2.0);
    $whole = new Footage('mov,mp4', 'h264', 1280, 720, 0.0, 1.0, 30.0, 2.4, $times);
    expect($whole->missing())->toBeNull()->and($whole->video()['durationS'])->toBe(2.4);
});

/** A film made by the general film tool with these words between source and file. */
function filmWith(string $between, string $source = 'testsrc=s=160x96:r=30:d=2'): string
{
    $path = sys_get_temp_dir().'/jx-'.getmypid().'-'.md5($between.$source).'.mp4';
    exec("ffmpeg -v error -y -f lavfi -i $source $between -pix_fmt yuv420p $path 2>&1", $out, $code);
    expect($code)->toBe(0, implode("\n", $out));

    return $path;
}

/** Turned by the player and not in the pictures, as a phone writes it. */
function turnedFilm(int $degrees): string
{
    $from = filmWith('-c:v libx264');
    $to = "$from.turned.mp4";
    exec("ffmpeg -v error -y -i $from -c copy -metadata:s:v rotate=$degrees $to 2>&1", $out, $code);
    expect($code)->toBe(0, implode("\n", $out));

    return $to;
}

it('makes a film that is shown otherwise than it is stored into one that is both', function (
    Closure $film,
    array $size,
    float $fps,
    array $changes,
): void {
    $path = $film();
    $sent = (new Probe)->film($path);
    expect($sent->changes())->toBe($changes)->and($sent->mime())->toBeNull();
    $made = (new Probe)->film($copy = (new Probe)->converted($path, $sent));
    expect($made->size())->toBe($size)
        ->and($made->changes())->toBe([])
        ->and($made->mime())->toBe('video/mp4')
        ->and($made->fps())->toEqualWithDelta($fps, 0.01)
        ->and($made->video()['durationS'])->toEqualWithDelta(2.0, 0.1);
    array_map(unlink(...), [$path, $copy]);
})->with([
    'a phone held upright' => [fn () => turnedFilm(90), [96, 160], 30.0, ['turned upright']],
    'upside down' => [fn () => turnedFilm(180), [160, 96], 30.0, ['turned upright']],
    'wide pixels' => [fn () => filmWith('-vf setsar=3/2 -c:v libx264'), [240, 96], 30.0, ['its pixels made square']],
    'pictures left out' => [
        fn () => filmWith("-vf \"select='not(eq(mod(n\\,7)\\,3))'\" -fps_mode vfr -c:v libx264"), [160, 96], 30.0,
        ['given one rate']],
    'too large' => [
        fn () => filmWith('-c:v libx264 -preset ultrafast', 'testsrc=s=4096x128:r=30:d=2'), [3840, 120], 30.0,
        ['made smaller']],
]);

it('turns the picture and not only its measures', function (): void {
    // The left half is white: a quarter turn puts it on top or at the bottom.
    $from = filmWith(
        '-vf drawbox=x=0:y=0:w=80:h=96:color=white:t=fill -c:v libx264',
        'color=black:s=160x96:r=30:d=1',
    );
    $turned = "$from.t.mp4";
    exec("ffmpeg -v error -y -i $from -c copy -metadata:s:v rotate=90 $turned");
    $made = (new Probe)->converted($turned, (new Probe)->film($turned));
    expect((new Probe)->thumbnail($made, 0.2, "$made.jpg", 96))->toBeTrue();
    $picture = imagecreatefromjpeg("$made.jpg");
    $bright = fn (int $x, int $y): int => imagecolorat($picture, $x, $y) & 0xFF;
    expect([imagesx($picture), imagesy($picture)])->toBe([96, 160])
        ->and(abs($bright(48, 20) - $bright(48, 140)))->toBeGreaterThan(200)
        ->and(abs($bright(10, 20) - $bright(86, 20)))->toBeLessThan(20);
    array_map(unlink(...), [$from, $turned, $made, "$made.jpg"]);
});
