<?php

/*
 * Films the demo's clips anew: php database/demo/film.php [reel-snap]. What is filmed stands in clips.json, the
 * situation, call and look in the breakdown of the reel. The clips and their ground truth are shipped.
 */

$root = dirname(__DIR__, 2);
$rows = function (string $reel): array {
    $table = array_map(
        fn (string $line): array => str_getcsv($line, escape: ''),
        file(__DIR__."/$reel.csv", FILE_IGNORE_NEW_LINES),
    );
    $headings = array_shift($table);

    return array_column(array_map(fn (array $row): array => array_combine($headings, $row), $table), null, 'Snap');
};
foreach (json_decode(file_get_contents(__DIR__.'/clips.json'), true) as $clip) {
    $snap = $rows($clip['reel'])[$clip['snap']];
    $down =
        ($snap['Down'] ?? '') === ''
            ? '1st & 10'
            : ['', '1st', '2nd', '3rd', '4th'][$snap['Down']].' & '.$snap['To go'];
    $options = [
        '--call='.($clip['run'] ?? $snap['Call']),
        "--look={$snap['Look']}",
        "--situation=$down, ball on {$snap['Ball on']}, {$snap['Hash']} hash",
    ];
    foreach (['wide', ...$clip['tight'] ?? false ? ['tight'] : []] as $angle) {
        $name = "{$clip['reel']}-{$clip['snap']}".($angle === 'tight' ? '-tight' : '');
        if (isset($argv[1]) && $argv[1] !== "{$clip['reel']}-{$clip['snap']}") {
            continue;
        }
        $choice = match (true) {
            isset($clip['act']) => ["--act={$clip['act']}"],
            $snap['Choice'] === '' || isset($clip['run']) => [],
            default => ["--choice={$snap['Choice']}"],
        };
        $throw = isset($clip['throw']) ? ["--throw={$clip['throw']}"] : [];
        passthru(
            'php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M '.
                escapeshellarg("$root/artisan").
                ' jx:film '.
                escapeshellarg(__DIR__."/film/$name.webm").
                ' '.
                implode(' ', array_map(escapeshellarg(...), [...$options, "--angle=$angle", ...$choice, ...$throw])),
            $code,
        );
        $code === 0 || exit($code);
    }
}
