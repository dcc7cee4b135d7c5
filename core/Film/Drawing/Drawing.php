<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Drawing;

use Jacotaxis\Core\Concept\Document\BadDocument;
use Jacotaxis\Core\Film\FilmDocument;

/** A drawing on the frozen picture of an angle: what, at which moment, and where it was clicked. */
final readonly class Drawing
{
    /**
     * @param  float  $atS  moment of the picture, seconds on the clock of the first angle
     * @param  non-empty-list<array{float, float}>  $points  pixels of that picture
     * @param  string|null  $word  what a word says
     */
    public function __construct(
        public string $id,
        public DrawingKind $kind,
        public float $atS,
        public array $points,
        public string $angle = FilmDocument::WIDE,
        public ?string $word = null,
    ) {
    }

    /**
     * @param  array<string, mixed>  $d  already checked against the schema
     * @param  int  $n  place among the drawings
     *
     * @throws BadDocument
     */
    public static function read(array $d, int $n): self
    {
        $kind = DrawingKind::from($d['kind']);
        $points = array_map(fn (array $p): array => [(float) $p[0], (float) $p[1]], array_values($d['points']));
        if ($points === [] || count($points) !== $kind->clicks()) {
            $takes = $kind->clicks() === 1 ? 'one place' : 'two places';
            throw new BadDocument(
                "/drawings/$n/points",
                sprintf('"%s" takes %s on the picture, and has %d.', $kind->value, $takes, count($points)),
            );
        }
        $word = trim((string) ($d['word'] ?? ''));
        if ($kind === DrawingKind::Word && $word === '') {
            throw new BadDocument("/drawings/$n/word", 'This word says nothing yet. Write it, or leave it out.');
        }

        return new self(
            $d['id'],
            $kind,
            (float) $d['atS'],
            $points,
            $d['angle'] ?? FilmDocument::WIDE,
            $word === '' ? null : $word,
        );
    }
}
