<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Jobs;

enum JobKind: string
{
    case Rush = 'rush';
    case Man = 'man';
    case Deep = 'deep';
    case Under = 'under';
}
