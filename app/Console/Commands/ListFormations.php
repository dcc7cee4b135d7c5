<?php

namespace App\Console\Commands;

use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\FormationFinder;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\MotionKind;
use Jacotaxis\Core\Offense\Sets;

class ListFormations extends JxCommand
{
    protected $signature = 'jx:formations {--spots= : eleven spots as JSON, [[x,y],...]: names the formation they '
        .'stand in} {--situation=} {--level=high-school} {--rules=} {--json}';

    protected $description = 'List sets, modifiers and motions, or name the formation of eleven spots';

    protected function answer(): int
    {
        $situation = $this->situation();
        if ($this->option('spots') !== null) {
            $found = FormationFinder::of($this->spots(), $situation->frame(), $situation->hash);
            $this->json(['formations' => array_map(fn (array $f): array => ['words' => $f['formation']->words(),
                'offYd' => round($f['offYd'], 2), 'differs' => $f['worst']], $found)]);

            return self::DONE;
        }
        $this->json([
            'quarterbacks' => Sets::quarterbacks(), 'modifiers' => Formation::MODIFIERS,
            'motions' => array_map(fn (MotionKind $k): array => ['name' => $k->value, 'words' => $k->words(),
                'speed' => $k->speed(), 'sets' => $k->sets()], MotionKind::cases()),
            'sets' => array_map(fn (string $set): array => $this->set($set, $situation->frame()), Sets::names()),
        ]);

        return self::DONE;
    }

    /** @return array<string, mixed> */
    private function set(string $set, PlayFrame $frame): array
    {
        $formation = new Formation(Sets::usualQuarterback($set), $set, Side::Right);

        return ['name' => $set, 'words' => Sets::words($set), 'quarterback' => Sets::usualQuarterback($set),
            'personnel' => $formation->personnel(),
            'splits' => ['guardFt' => $formation->splits()->guardFt, 'tackleFt' => $formation->splits()->tackleFt,
                'footToFoot' => $formation->splits()->footToFoot],
            'men' => array_values(array_map(fn (Man $m): array => ['man' => $m->letter, 'xYd' => round($m->xYd, 2),
                'yYd' => round($m->yYd, 2), 'onLine' => $m->onLine()], $formation->men($frame)))];
    }
}
