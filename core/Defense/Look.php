<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

use Jacotaxis\Core\Field\Side;

/**
 * A picture the defense shows: front, shell, what it shows before the snap, pressure, rotation, and men changed by
 * hand.
 */
final readonly class Look
{
    /** What zone defenders do when a man goes in motion: bump a man over, travel with him, stay, roll the safeties. */
    public const MOTION = ['bump', 'travel', 'stay', 'rotate'];

    /**
     * @param  string|null  $shown  shell shown before the snap (disguise)
     * @param  string|null  $rotates  where a safety comes down at the snap: strong, weak, left, right, field, boundary
     * @param  int|null  $rushers  how many rush in all
     * @param  list<string>  $edges  sides an edge pressure comes from: the words of $rotates
     * @param  array<string, Change>  $changes  by role, letter or group (corners, safeties, backers)
     * @param  list<array{string, string}>  $techniques  [technique, lineman] put there by hand
     * @param  string|null  $strength  side the front is set to instead of its own rule
     * @param  string  $motion  one of MOTION
     * @param  bool  $slides  whether the front moves over to an unbalanced or shifted line
     * @param  bool  $locks  whether man defenders stay on their men where receivers stand close together, instead of
     *     passing them off
     * @param  list<string>  $assumed  what was filled in when it was read, in words
     */
    private function __construct(
        public string $front,
        public string $shell,
        public ?string $shown = null,
        public ?string $rotates = null,
        public ?int $rushers = null,
        public array $edges = [],
        public array $changes = [],
        public array $techniques = [],
        public ?string $strength = null,
        public string $motion = 'bump',
        public bool $slides = true,
        public bool $locks = false,
        public array $assumed = [],
    ) {
    }

    /**
     * @param  array<string, array{float, float}>  $spots defenders moved by hand, by role: width and depth in yards
     *
     * @throws UnknownLook when a name is not in a catalogue
     */
    public static function of(string $front, string $shell, array $spots = []): self
    {
        Fronts::get($front);
        Shells::get($shell);

        return new self($front, $shell, changes: array_map(fn (array $spot): Change => new Change(spot: $spot),
            $spots));
    }

    /**
     * @param  array<string, mixed>  $change by property name
     *
     * @throws UnknownLook
     */
    public function with(array $change): self
    {
        $look = new self(...[...get_object_vars($this), ...$change]);
        Fronts::get($look->front);
        Shells::get($look->shell);
        if ($look->shown !== null) {
            Shells::get($look->shown);
        }
        if ($look->rushers !== null && ($look->rushers < 3 || $look->rushers > 8)) {
            throw UnknownLook::rushers($look->rushers);
        }

        return $look;
    }

    /**
     * The look with one man's change added to what is changed of him already.
     *
     * @param  array<string, mixed>  $change by property name of Change
     */
    public function changing(string $who, array $change): self
    {
        return $this->with([
            'changes' => [...$this->changes, $who => ($this->changes[$who] ?? new Change())->with($change)],
        ]);
    }

    /** The side a word for a side means here. */
    public static function side(string $word, Side $strong, ?Side $field): Side
    {
        return match ($word) {
            'left' => Side::Left,
            'right' => Side::Right,
            'weak' => $strong->opposite(),
            'field' => $field ?? $strong,
            'boundary' => ($field ?? $strong)->opposite(),
            default => $strong,
        };
    }

    public function words(): string
    {
        return LookWords::of($this);
    }
}
