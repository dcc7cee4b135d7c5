<?php

namespace App\Console\Commands;

use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Console\Command;

class DemoSignIns extends Command
{
    protected $signature = 'demo:sign-ins';

    protected $description = 'Print the sign-ins of the demo program';

    public function handle(): int
    {
        $this->line('Sign-ins of the demo (password '.DatabaseSeeder::PASSWORD.'):');
        foreach (User::query()->orderBy('role')->get() as $user) {
            $this->line(sprintf('  %-32s %s, %s', $user->email, $user->name, $user->role->value));
        }

        return self::SUCCESS;
    }
}
