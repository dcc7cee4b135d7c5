<?php

namespace App\People;

use App\Http\Problem;
use App\Models\User;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\RateLimiter;

/**
 * Counts wrong passwords, never right ones: a whole team may sign in behind one address. By account each wrong one
 * after the fifth doubles the wait; by place there is a limit a minute.
 */
final class WrongPasswords
{
    private const A_MINUTE_FROM_ONE_PLACE = 20;

    private const FREE = 5;

    private const FIRST_WAIT_S = 15;

    private const LONGEST_WAIT_S = 900;

    private const KEPT_S = 86_400;

    private readonly string $place;

    private readonly string $account;

    public function __construct(string $email, ?string $ip)
    {
        $this->place = "sign-in $ip";
        $this->account = 'wrong passwords '.hash('sha256', User::address($email));
    }

    /** Refuses to look at a password while the wait lasts. */
    public function mayTry(): void
    {
        if (RateLimiter::tooManyAttempts($this->place, self::A_MINUTE_FROM_ONE_PLACE)) {
            throw self::wait('Too many wrong passwords came from here.', RateLimiter::availableIn($this->place));
        }
        $until = (int) Cache::get("$this->account until", 0);
        $left = $until - (int) now()->timestamp;
        if ($left > 0) {
            throw self::wait('Too many wrong passwords for this account.', $left);
        }
    }

    public function wrong(): void
    {
        RateLimiter::hit($this->place);
        $count = $this->count() + 1;
        Cache::put($this->account, $count, self::KEPT_S);
        if ($count >= self::FREE) {
            $wait = min(self::LONGEST_WAIT_S, self::FIRST_WAIT_S * 2 ** min(10, $count - self::FREE));
            Cache::put("$this->account until", (int) now()->timestamp + $wait, $wait);
        }
    }

    /** Forgets them, and says how many there were since the last right one. */
    public function right(): int
    {
        $count = $this->count();
        Cache::forget($this->account);
        Cache::forget("$this->account until");

        return $count;
    }

    private function count(): int
    {
        return (int) Cache::get($this->account, 0);
    }

    private static function wait(string $why, int $seconds): Problem
    {
        return new Problem(429, 'Too many wrong passwords', "$why Wait $seconds seconds and try again.");
    }
}
