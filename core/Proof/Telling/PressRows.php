<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling;

use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Route\Facing;
use Jacotaxis\Core\Route\Release;
use Jacotaxis\Core\Route\RouteRunner;
use Jacotaxis\Core\Route\RunRoute;

/** What each receiver with a man in his face plans, and the answer to everything that man may do (REL-01 to REL-08). */
final class PressRows
{
    /** @return list<array<string, mixed>> a row a pressed receiver; yards and seconds */
    public static function of(Scene $scene): array
    {
        $rows = [];
        foreach ($scene->facing as $letter => $facing) {
            $run = $scene->routes[$letter] ?? null;
            $meets = $run !== null && $facing->by !== null && $facing->pressed();
            if ($meets && ! $run->spec->shape()->stem->blocksFirst()) {
                $rows[] = self::row($scene, $facing, $run);
            }
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    private static function row(Scene $scene, Facing $facing, RunRoute $run): array
    {
        $letter = $run->letter;
        $plan = Release::plan($run->spec, $facing, $scene->setting->schools);
        $reactions = [];
        foreach ($plan->answers($scene->setting->schools) as $name => $answer) {
            $release = Release::against($run->spec, $facing, $scene->setting->schools, $name);
            $done = RouteRunner::path($scene->men[$letter], $run->spec, $scene->frame, $scene->setting->law($letter),
                $release, $run->called);
            $reactions[] = ['name' => $name, 'answer' => $answer,
                'pastAt' => round(($release ?? $plan)->pastAt($done), 2), 'breakAt' => round($done->break()->t, 2)];
        }

        return [
            'man' => $letter, 'defender' => $facing->by->role ?? '', 'cushionYd' => round($facing->cushionYd, 1),
            'leverage' => $facing->leverage,
            'purpose' => $plan->purpose, 'aim' => $plan->aim->value, 'aimYd' => $plan->aimYd, 'steps' => $plan->steps,
            'reads' => $plan->reads, 'finish' => $plan->finish,
            'reaction' => $scene->press[$letter] ?? null, 'reactions' => $reactions,
        ];
    }
}
