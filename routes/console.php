<?php

use Illuminate\Support\Facades\Schedule;

// At an hour when nobody charts.
Schedule::command('jx:backup')->dailyAt('03:30');
