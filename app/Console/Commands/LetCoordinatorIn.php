<?php

namespace App\Console\Commands;

use App\Models\Role;
use App\Models\User;
use App\People\Links;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;

class LetCoordinatorIn extends Command
{
    protected $signature = 'jx:coordinator {email : his address, by which he signs in} {name? : his name}';

    protected $description = 'Make a coordinator, or give one a new link: he sets his own password with it';

    public function handle(): int
    {
        [$given, $name] = [$this->argument('email'), $this->argument('name')];
        $email = User::address(is_string($given) ? $given : '');
        $name = is_string($name) ? $name : '';
        if (Validator::make(['email' => $email], ['email' => 'required|email|max:255'])->fails()) {
            $this->error("\"$email\" is no address. Write it as somebody@school.example.");

            return self::FAILURE;
        }
        $user = User::query()->where('email', $email)->first();
        if ($user === null && $name === '') {
            $this->error("Nobody has the address $email yet. Say his name too: jx:coordinator $email \"His Name\".");

            return self::FAILURE;
        }
        $user ??= new User(['email' => $email, 'name' => $name, 'password' => '']);
        $user->forceFill(['role' => Role::Coordinator, 'disabled_at' => null]);
        $this->line("$user->name is coordinator. This link is shown once and is good for a week:");
        $this->line(Links::for($user));

        return self::SUCCESS;
    }
}
