<?php

/* The core knows football and nothing else, and its folders depend on each other in one direction. */

const ORDER = [
    ['School'], ['Field'], ['Kinematics'], ['Offense', 'Defense'], ['Route', 'Blocking'], ['Concept'], ['Words'], ['Proof'], ['Film'], ['Grade'], ['Plan'],
];

arch('the core uses no framework')->expect('Jacotaxis\Core')->not->toUse(['Illuminate', 'Laravel', 'App', 'Symfony']);

arch('the core reads no clock, file, database or random source')->expect('Jacotaxis\Core')
    ->not->toUse(['time', 'microtime', 'date', 'rand', 'mt_rand', 'random_int', 'file_get_contents', 'fopen', 'file_put_contents', 'getenv', 'PDO']);

arch('values are final')->expect('Jacotaxis\Core')->classes()->toBeFinal()->ignoring('Jacotaxis\Core\Proof\Play\Behaviour\Mover');

arch('nothing is left for debugging')->expect(['dd', 'dump', 'var_dump', 'print_r', 'ray'])->not->toBeUsed();

arch('strict types')->expect('Jacotaxis\Core')->toUseStrictTypes();

it('points its arrows inward', function (string $folder, array $allowed): void {
    $wrong = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/core/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
        preg_match_all('/Jacotaxis\\\\Core\\\\(\w+)/', file_get_contents($file->getPathname()), $found);
        foreach (array_diff(array_unique($found[1]), $allowed) as $other) {
            $wrong[] = "{$file->getFilename()} uses $other";
        }
    }
    expect($wrong)->toBe([]);
})->with(function (): Generator {
    $seen = [];
    foreach (ORDER as $level) {
        foreach ($level as $folder) {
            if (is_dir(dirname(__DIR__, 2)."/core/$folder")) {
                // Two folders of one level may share: the defense aligns on the offense's count.
                yield $folder => [$folder, [...$seen, ...$level]];
            }
        }
        $seen = [...$seen, ...$level];
    }
});

it('names no concept in the simulator', function (): void {
    $families = array_keys(Jacotaxis\Core\Concept\Families::all());
    foreach (glob(dirname(__DIR__, 2).'/core/Proof/{*.php,*/*.php,*/*/*.php}', GLOB_BRACE) as $file) {
        foreach ($families as $name) {
            // A family whose name is an ordinary word is looked for as a string of its own that is no key of an answer.
            $pattern = preg_match('/^[a-z]+$/', $name) ? "/['\"]{$name}['\"](?!\s*=>)/i" : '/'.preg_quote($name, '/').'/i';
            expect(preg_match($pattern, file_get_contents($file)))->toBe(0, basename($file)." names $name");
        }
    }
});
