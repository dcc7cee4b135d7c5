<?php

namespace App\Console\Commands;

use App\Models\User;
use Illuminate\Console\Command;

class DemoIsEmpty extends Command
{
    protected $signature = 'demo:is-empty';

    protected $description = 'Say whether nobody can sign in yet';

    public function handle(): int
    {
        $this->line(User::query()->exists() ? 'no' : 'yes');

        return self::SUCCESS;
    }
}
