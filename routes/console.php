<?php

use Illuminate\Support\Facades\Schedule;

// At an hour when nobody charts.
Schedule::command('jx:backup')->dailyAt('03:30');
Schedule::command('jx:resume')->everyFifteenMinutes();
// After the backup has what goes.
Schedule::command('jx:keep')->dailyAt('04:30');
