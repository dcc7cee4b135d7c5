<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Field;

/**
 * Something a coach would want to be told: a code, how grave it is, whom it concerns, a sentence, and a fix where one
 * is known.
 */
final readonly class Finding
{
    public const INFO = 'info';

    public const CAUTION = 'caution';

    public const FAULT = 'fault';

    /**
     * @param  array{man: string, xYd: float, yYd: float}|null  $move  the spot that cures it
     * @param  array<string, mixed>|null  $apply  the fix as a change of the call: `do` is move, sound, to, still,
     *     unroute or number
     */
    public function __construct(
        public string $code,
        public string $severity,
        public ?string $man,
        public string $text,
        public ?string $rule = null,
        public ?string $fix = null,
        public ?array $move = null,
        public ?array $apply = null,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $out = ['code' => $this->code, 'severity' => $this->severity, 'man' => $this->man, 'text' => $this->text];
        foreach (['rule', 'fix', 'move', 'apply'] as $key) {
            if ($this->$key !== null) {
                $out[$key] = $this->$key;
            }
        }

        return $out;
    }
}
