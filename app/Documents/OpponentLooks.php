<?php

namespace App\Documents;

use App\Models\Look as Saved;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\NotUnderstood;

/** The looks of this week's opponent, the one shown most first, each with its share of all that were counted. */
final class OpponentLooks
{
    /**
     * @param  int  $most  looks at most
     * @return list<array{look: Look, share: float}> share 0 to 1; 0 where nothing was counted
     */
    public static function of(string $opponent, int $most): array
    {
        $saved = Saved::query()->where('opponent', $opponent)->orderByDesc('shown')->orderBy('id')->get();
        $all = max(1, (int) $saved->sum('shown'));
        $looks = [];
        foreach ($saved as $one) {
            try {
                $look = LookParser::parse($one->words);
            } catch (NotUnderstood) {
                continue;
            }
            $looks[] = ['look' => $look, 'share' => $one->shown / $all];
            if (count($looks) === $most) {
                break;
            }
        }

        return $looks;
    }

    /** "32 %", or nothing where nothing was counted. */
    public static function said(float $share): string
    {
        return $share > 0.0 ? sprintf('%.0f %%', 100.0 * $share) : '';
    }
}
