<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

/** The job of a route besides being a numbered read. */
enum Flag: string
{
    case Clear = 'clear';
    case Alert = 'alert';
    case Decoy = 'decoy';
    case CheckDown = 'check-down';
}
