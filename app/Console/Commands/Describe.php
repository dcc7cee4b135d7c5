<?php

namespace App\Console\Commands;

use Jacotaxis\Core\Words\Description;
use Jacotaxis\Core\Words\Spoken;

class Describe extends JxCommand
{
    protected $signature = 'jx:describe {file? : a call document, - for standard input} {--call=} {--situation=} '
        .'{--level=high-school} {--rules=} {--json}';

    protected $description = 'Say a call in words: its family, why, and what differs from the nearest';

    protected function answer(): int
    {
        $call = $this->theCall();
        $description = Description::of($call, $this->situation());
        $description['spoken'] = Spoken::of($call, $description);
        if ($this->asked('json')) {
            $this->json($description);
        } else {
            $this->line($description['words']);
            $this->line($description['spoken']);
            $this->line(
                $description['family'] === null
                    ? "No family: {$description['why']}"
                    : "{$description['family']}: {$description['why']}",
            );
            foreach ($description['nearest'] as $near) {
                $this->line("  nearest {$near['family']}: {$near['differs']}");
            }
        }

        return self::DONE;
    }
}
