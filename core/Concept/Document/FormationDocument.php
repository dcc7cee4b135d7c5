<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept\Document;

use DomainException;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\LineSplits;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\Motion;
use Jacotaxis\Core\Offense\Motion\MotionKind;
use Jacotaxis\Core\Offense\Motion\Sound;

/** The formation of a call document (schemas/formation.schema.json) and what moves before the snap. */
final class FormationDocument
{
    public const KIND = 'jacotaxis.formation';

    /** @return array<string, mixed> the fields a call document shares */
    public static function write(Formation $f): array
    {
        return [
            'quarterback' => $f->quarterback, 'set' => $f->set, 'side' => $f->side->value, 'modifier' => $f->modifier,
            'splits' => $f->splits === null ? null : ['guardFt' => $f->splits->guardFt,
                'tackleFt' => $f->splits->tackleFt, 'footToFoot' => $f->splits->footToFoot],
            'standIns' => array_map(fn (string $for, string $in): array => ['for' => $for, 'in' => $in],
                array_keys($f->standIns), $f->standIns),
            'spots' => array_map(fn (string $l): array => ['man' => $l, 'xYd' => $f->spots[$l][0],
                'yYd' => $f->spots[$l][1]], array_keys($f->spots)),
        ];
    }

    /**
     * @param  array<string, mixed>  $document
     *
     * @throws BadDocument
     */
    public static function read(array $document, Situation $situation): Formation
    {
        $spots = [];
        foreach ($document['spots'] ?? [] as $i => $spot) {
            self::spot($spot, "/spots/$i", $situation);
            $spots[$spot['man']] = [(float) $spot['xYd'], (float) $spot['yYd']];
        }
        $given = $document['splits'] ?? null;
        try {
            $splits =
                $given === null
                    ? null
                    : LineSplits::of(
                        (float) $given['guardFt'],
                        (float) $given['tackleFt'],
                        $given['footToFoot'] ?? true,
                    );
        } catch (DomainException $e) {
            throw new BadDocument('/splits', $e->getMessage());
        }
        $formation = new Formation(
            $document['quarterback'],
            $document['set'],
            Side::from($document['side']),
            $document['modifier'] ?? null,
            $splits,
            $spots,
            array_column($document['standIns'] ?? [], 'in', 'for'),
        );
        foreach ($formation->standIns as $for => $in) {
            if (count(array_unique($formation->letters())) !== 5) {
                throw new BadDocument('/standIns', "$in stands in for $for but is in the set already.");
            }
        }

        return $formation;
    }

    /** @return array<string, mixed> */
    public static function motion(Motion $m): array
    {
        return [
            'man' => $m->who, 'kind' => $m->kind->value, 'side' => $m->side?->value,
            'sound' => $m->sound === null ? null : ['word' => $m->sound->word, 'last' => $m->sound->last],
            'to' => $m->to === null ? null : ['xYd' => $m->to[0], 'yYd' => $m->to[1]], 'purpose' => $m->purpose,
        ];
    }

    /**
     * @param  array<string, mixed>  $m
     *
     * @throws BadDocument
     */
    public static function readMotion(array $m, Formation $formation, string $pointer): Motion
    {
        if (! in_array($m['man'], [...$formation->letters(), ...Man::LINEMEN], true)) {
            throw new BadDocument("$pointer/man", "There is no {$m['man']} in this formation to move.");
        }
        $sound = $m['sound'] ?? null;
        $to = $m['to'] ?? null;

        return new Motion($m['man'], MotionKind::from($m['kind']), Side::tryFrom($m['side'] ?? ''),
            $sound === null ? null : new Sound($sound['word'], $sound['last'] ?? false),
            $to === null ? null : [(float) $to['xYd'], (float) $to['yYd']], $m['purpose'] ?? null);
    }

    /**
     * @param  array<string, mixed>  $spot
     *
     * @throws BadDocument
     */
    private static function spot(array $spot, string $pointer, Situation $situation): void
    {
        $room = $situation->frame()->toField((float) $spot['xYd'], 0.0)[0];
        if ($room < 0.5 || $room > RuleSet::WIDTH_YD - 0.5) {
            throw new BadDocument($pointer, "{$spot['man']} would stand out of bounds: bring him inside the sideline.");
        }
        if ($spot['yYd'] > -0.3 || $spot['yYd'] < -12.0) {
            throw new BadDocument($pointer, "{$spot['man']} must stand behind the ball, 0.3 to 12 yards.");
        }
    }
}
