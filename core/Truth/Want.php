<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth;

use Jacotaxis\Core\Proof\Scene\Verdict;

/** What the trade says comes out of a call against a look. Words may hold {side} and {other}. */
final readonly class Want
{
    /**
     * @param  list<Verdict>|null  $verdicts  the verdicts that are right, or null: any
     * @param  list<string>  $keys  part of the role or of the job of the man the trade names; one of them is enough
     * @param  list<string>  $thrown  routes each of which some act or the rule must bring; "post|over": one of them
     * @param  array<string, bool>  $open  whether the read that runs a route is open by rule
     * @param  array<string, string>  $actions  part of a choice's name => the action it brings, "pull|keep": one of
     *     them
     */
    private function __construct(
        public ?array $verdicts = null,
        public array $keys = [],
        public array $thrown = [],
        public array $open = [],
        public array $actions = [],
    ) {
    }

    public static function bound(): self
    {
        return new self([Verdict::Bound]);
    }

    public static function good(): self
    {
        return new self([Verdict::Bound, Verdict::Open]);
    }

    public static function notGood(): self
    {
        return new self([Verdict::Guess, Verdict::Covered]);
    }

    public static function notBound(): self
    {
        return new self([Verdict::Open, Verdict::Guess, Verdict::Covered]);
    }

    public static function notCovered(): self
    {
        return new self([Verdict::Bound, Verdict::Open, Verdict::Guess]);
    }

    public static function anything(): self
    {
        return new self();
    }

    public function key(string ...$keys): self
    {
        return new self($this->verdicts, array_values($keys), $this->thrown, $this->open, $this->actions);
    }

    public function throws(string ...$routes): self
    {
        return new self($this->verdicts, $this->keys, array_values($routes), $this->open, $this->actions);
    }

    public function opens(string $route): self
    {
        return new self($this->verdicts, $this->keys, $this->thrown, [...$this->open, $route => true], $this->actions);
    }

    public function shuts(string $route): self
    {
        return new self($this->verdicts, $this->keys, $this->thrown, [...$this->open, $route => false], $this->actions);
    }

    public function brings(string $choice, string $action): self
    {
        return new self($this->verdicts, $this->keys, $this->thrown, $this->open, [
            ...$this->actions,
            $choice => $action,
        ]);
    }

    /** @param  array<string, string>  $words  placeholders and what stands for them */
    public function filled(array $words): self
    {
        $fill = fn (string $text): string => strtr($text, $words);

        return new self(
            $this->verdicts,
            array_map($fill, $this->keys),
            array_map($fill, $this->thrown),
            $this->open,
            $this->actions,
        );
    }
}
