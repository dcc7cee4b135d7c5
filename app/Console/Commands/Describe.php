<?php

namespace App\Console\Commands;

use Jacotaxis\Core\Words\Description;

class Describe extends JxCommand
{
    protected $signature = 'jx:describe {file? : a call document, - for standard input} {--call=} {--situation=} {--level=high-school} {--rules=} {--json}';

    protected $description = 'Say a call in words: its family, why, and what differs from the nearest';

    protected function answer(): int
    {
        $description = Description::of($this->theCall(), $this->situation());
        if ($this->option('json')) {
            $this->json($description);
        } else {
            $this->line($description['words']);
            $this->line($description['family'] === null ? "No family: {$description['why']}" : "{$description['family']}: {$description['why']}");
            foreach ($description['nearest'] as $near) {
                $this->line("  nearest {$near['family']}: {$near['differs']}");
            }
        }

        return self::DONE;
    }
}
