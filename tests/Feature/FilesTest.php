<?php

/* What is a film is decided before it is opened; tables start no formula. */

use App\Files\Csv;
use App\Film\Files\Container;
use App\Film\Files\Footage;
use App\Film\Files\FrameTimes;
use App\Film\Files\NotAFilm;
use App\Film\Files\Probe;

/** A file with these bytes; gives its path. */
function fileOf(string $bytes, string $name = 'a.mp4'): string
{
    $path = sys_get_temp_dir().'/jx-'.getmypid()."-$name";
    file_put_contents($path, $bytes);

    return $path;
}

/** A made-up film of half a second in a kind of file. */
function filmIn(string $extension, string $codec): string
{
    $path = sys_get_temp_dir().'/jx-'.getmypid()."-film.$extension";
    $rate = $codec === 'mpeg2video' ? '25' : '20';
    exec("ffmpeg -v error -y -f lavfi -i testsrc=s=160x96:r=$rate:d=0.5 -c:v $codec $path 2>&1", $out, $code);
    expect($code)->toBe(0, implode("\n", $out));

    return $path;
}

it('tells a film by its first bytes, whatever it is called, and reads it', function (
    string $extension,
    string $codec,
    Container $kind,
): void {
    $path = filmIn($extension, $codec);
    $disguised = fileOf((string) file_get_contents($path), 'notes.txt');
    expect(Container::of($disguised))->toBe($kind)
        ->and((new Probe)->film($disguised)->video()['widthPx'])->toBe(160);
    $picture = "$disguised.jpg";
    expect((new Probe)->thumbnail($disguised, 0.1, $picture))->toBeTrue();
    array_map(unlink(...), [$path, $disguised, $picture]);
})->with([
    'MP4' => ['mp4', 'libx264', Container::Mp4],
    'MOV' => ['mov', 'libx264', Container::Mp4],
    'WebM' => ['webm', 'libvpx', Container::Matroska],
    'MKV' => ['mkv', 'mpeg2video', Container::Matroska],
    'AVI' => ['avi', 'mpeg4', Container::Avi],
    'a transport stream' => ['ts', 'mpeg2video', Container::TransportStream],
    'a camera\'s transport stream' => ['m2ts', 'mpeg2video', Container::TransportStream],
    'a program stream' => ['mpg', 'mpeg2video', Container::ProgramStream],
]);

it('opens nothing that only calls itself a film', function (string $bytes): void {
    $path = fileOf($bytes);
    $secret = filmIn('mp4', 'libx264');
    file_put_contents($path, str_replace('SECRET', $secret, $bytes));
    expect(fn () => (new Probe)->film($path))->toThrow(NotAFilm::class, 'no moving picture')
        ->and((new Probe)->thumbnail($path, 0.0, "$path.jpg"))->toBeFalse()
        ->and(is_file("$path.jpg"))->toBeFalse();
    $said = new Footage('avi', 'mpeg4', 320, 180, 0.0, 1.0, 30.0, 1.0, FrameTimes::of([]));
    expect(fn () => (new Probe)->converted($path, $said))->toThrow(NotAFilm::class);
    array_map(unlink(...), [$path, $secret]);
})->with([
    'a list of files' => ["ffconcat version 1.0\nfile SECRET\n"],
    'a playlist' => ["#EXTM3U\n#EXT-X-TARGETDURATION:5\n#EXTINF:5,\nfile://SECRET\n#EXT-X-ENDLIST\n"],
    'a description of a stream' => ["v=0\no=- 0 0 IN IP4 127.0.0.1\nc=IN IP4 127.0.0.1\nm=video 5004 RTP/AVP 96\n"],
    'a drawing' => ['<svg xmlns="http://www.w3.org/2000/svg" width="200" height="200"><image href="SECRET"/></svg>'],
    'text' => ['no film at all, '],
    'a picture' => ["\x89PNG\r\n\x1A\n".'IHDR and so on'],
    'nothing' => [''],
]);

it('starts no formula in a spreadsheet, and leaves figures alone', function (
    string|int|float|null $cell,
    string $written,
): void {
    expect(Csv::of(['A'], [[$cell]]))->toBe("A\r\n$written\r\n");
})->with([
    ['=HYPERLINK("http://x")', "\"'=HYPERLINK(\"\"http://x\"\")\""],
    ['+1 cmd', "\"'+1 cmd\""],
    ['-2+3', "'-2+3"],
    ['@SUM(A1)', "'@SUM(A1)"],
    ["\t=1", "\"'\t=1\""],
    ['-4.5', '-4.5'],
    [-3, '-3'],
    [0.5, '0.5'],
    [null, ''],
    ['smash, right', '"smash, right"'],
]);

it('reads a guarded cell back as it was', function (string $cell): void {
    $line = explode("\r\n", Csv::of(['A'], [[$cell]]))[1];
    expect(Csv::bare((string) str_getcsv($line, escape: '')[0]))->toBe($cell);
})->with(['=1+1', '-x', '@a', 'it\'s', "'quoted'", 'smash']);

it('guards the week\'s table too', function (): void {
    $player = App\Models\Player::query()->whereHas('grades')->firstOrFail();
    $player->update(['name' => '=1+1']);
    $week = $player->grades()->with('snap.reel')->firstOrFail()->snap->reel->week;
    $table = $this->actingAs(coach())->get("/api/v1/weeks/file.csv?week=$week")->assertOk()->getContent();
    expect($table)->toContain("'=1+1")->not->toContain("\n=1+1");
});
