<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

/** A picture the defense shows: front, shell, and men moved by hand. */
final readonly class Look
{
    /** @param  array<string, array{float, float}>  $spots defenders moved by hand, by role: width and depth in yards */
    private function __construct(public string $front, public string $shell, public array $spots = [])
    {
    }

    /**
     * @param  array<string, array{float, float}>  $spots
     *
     * @throws UnknownLook when a name is not in a catalogue or a moved role does not exist
     */
    public static function of(string $front, string $shell, array $spots = []): self
    {
        if (! Fronts::has($front)) {
            throw UnknownLook::front($front);
        }
        if (! Shells::has($shell)) {
            throw UnknownLook::shell($shell);
        }

        return new self($front, $shell, $spots);
    }

    public function words(): string
    {
        return "{$this->front}, {$this->shell}";
    }
}
