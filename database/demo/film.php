<?php

/*
 * Films the demo's clips anew from clips.json: php database/demo/film.php. The clips and their ground truth are shipped.
 */

$root = dirname(__DIR__, 2);
foreach (json_decode(file_get_contents(__DIR__.'/clips.json'), true) as $clip) {
    $options = ['--call='.$clip['run'], '--look=4-2 nickel, cover 2'];
    foreach (['act', 'throw'] as $key) {
        if ($clip[$key] !== null) {
            $options[] = "--$key={$clip[$key]}";
        }
    }
    passthru('php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M '.escapeshellarg("$root/artisan")
        .' jx:film '.escapeshellarg(__DIR__."/film/{$clip['file']}").' '.implode(' ', array_map(escapeshellarg(...), $options)), $code);
    $code === 0 || exit($code);
}
