<?php

namespace Tests;

use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\File;

/** Keeps films in a folder of its own, so that neither the demo's nor those of another process are touched. */
abstract class TestCase extends BaseTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['film.folder' => 'film-test-'.getmypid()]);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory(storage_path('app/private/film-test-'.getmypid()));
        parent::tearDown();
    }
}
