<?php

namespace App\Backup;

use RuntimeException;

/** A backup that cannot be made or taken back; the message says what to do. */
final class NoBackup extends RuntimeException
{
}
