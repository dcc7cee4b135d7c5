<?php

namespace App\Console;

use RuntimeException;

/** Does the same work on many things with as many processes as the machine has cores. */
final class Workers
{
    private const MOST = 8;

    /** Fewer things than this are not worth a process. */
    private const WORTH = 12;

    /**
     * @template T
     * @template R
     *
     * @param  list<T>  $things
     * @param  callable(T): R  $do
     * @return list<R> in the order of the things
     */
    public static function map(array $things, callable $do): array
    {
        $n = min(self::MOST, self::cores(), intdiv(count($things), self::WORTH));
        if ($n < 2 || ! function_exists('pcntl_fork')) {
            return array_map($do, $things);
        }
        $children = [];
        foreach (array_chunk($things, max(1, (int) ceil(count($things) / $n))) as $chunk) {
            $children[] = self::child($chunk, $do);
        }
        $done = [];
        foreach ($children as [$pid, $file]) {
            pcntl_waitpid($pid, $status);
            $answer = (string) file_get_contents($file);
            unlink($file);
            $part = $answer === '' ? null : unserialize($answer);
            if (! is_array($part)) {
                throw new RuntimeException('A part of the work was not done: its process ended early.');
            }
            array_push($done, ...array_values($part));
        }

        return $done;
    }

    /**
     * A process that writes what it found into a file: however much it is and however late it is read, nobody waits.
     *
     * @param  list<mixed>  $chunk
     * @return array{int, string}
     */
    private static function child(array $chunk, callable $do): array
    {
        $file = tempnam(sys_get_temp_dir(), 'jx-part-');
        $pid = $file === false ? -1 : pcntl_fork();
        if ($file === false || $pid === -1) {
            throw new RuntimeException('No process could be started for a part of the work.');
        }
        if ($pid === 0) {
            file_put_contents($file, serialize(array_map($do, $chunk)));
            // Ends at once: what the parent opened is the parent's to close.
            posix_kill((int) getmypid(), SIGKILL);
        }

        return [$pid, $file];
    }

    private static function cores(): int
    {
        $info = is_readable('/proc/cpuinfo') ? (string) file_get_contents('/proc/cpuinfo') : '';

        return max(1, substr_count($info, "processor\t"));
    }
}
