<?php

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

require_once __DIR__.'/Core/watched.php';
require_once __DIR__.'/Core/scouted.php';
require_once __DIR__.'/Core/words.php';
require_once __DIR__.'/Core/filmed.php';
require_once __DIR__.'/Feature/helpers.php';

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature');
