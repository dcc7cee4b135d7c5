<?php

namespace App\Models;

enum Role: string
{
    case Coordinator = 'coordinator';
    case PositionCoach = 'position coach';
    case Player = 'player';

    public function isStaff(): bool
    {
        return $this !== self::Player;
    }
}
