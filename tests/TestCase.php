<?php

namespace Tests;

use Illuminate\Foundation\Testing\TestCase as BaseTestCase;

/**
 * Seeds the demo once for each process; every test's changes are rolled back. Films are kept in a folder of the
 * process's own, so that neither the demo's nor those of another process are touched.
 */
abstract class TestCase extends BaseTestCase
{
    protected bool $seed = true;

    private static bool $cleans = false;

    protected function refreshApplication(): void
    {
        parent::refreshApplication();
        $folder = 'film-test-'.getmypid();
        config(['film.folder' => $folder]);
        self::$cleans ||
            register_shutdown_function(static fn () => self::clean(dirname(__DIR__)."/storage/app/private/$folder"));
        self::$cleans = true;
    }

    private static function clean(string $path): void
    {
        array_map(unlink(...), glob("$path/*") ?: []);
        is_dir($path) && rmdir($path);
    }
}
