<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

/** What a receiver does after the break. */
enum Finish
{
    case Run;
    case Settle;
    /** Comes back toward the quarterback, then settles. */
    case ComeBack;
}
