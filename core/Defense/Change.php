<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

use Jacotaxis\Core\Defense\Jobs\JobWords;
use Jacotaxis\Core\Defense\Jobs\Movement;

/**
 * What a coach changes of one defender by hand: his job, the receiver he reads or takes, his reaction, one movement,
 * his leverage and cushion, a technique, a spot. Null keeps what the front and the shell say.
 */
final readonly class Change
{
    /** Ways to play a receiver: yards off, and the side kept where the word says one. */
    public const LEVERAGES = ['press' => [1.2, null], 'off' => [8.0, null], 'bail' => [5.0, null],
        'inside' => [null, 'inside'], 'outside' => [null, 'outside'], 'head-up' => [null, 'none']];

    /**
     * @param  string|null  $job  one of JobWords
     * @param  string|null  $on  letter of the receiver he takes or matches
     * @param  float|null  $reaction  seconds
     * @param  list<string>  $leverage  words of LEVERAGES
     * @param  float|null  $offYd  cushion in yards
     * @param  bool  $walked  walked up to the line
     * @param  string|null  $counted  counted in the box or out of it by the coach: in or out (CNT-02)
     * @param  string|null  $reason  why he is counted so
     * @param  array{float, float}|null  $spot  width and depth, yards
     */
    public function __construct(
        public ?string $job = null,
        public ?string $on = null,
        public ?float $reaction = null,
        public ?Movement $movement = null,
        public array $leverage = [],
        public ?float $offYd = null,
        public bool $walked = false,
        public ?array $spot = null,
        public ?string $counted = null,
        public ?string $reason = null,
    ) {
    }

    /** @param  array<string, mixed>  $change by property name */
    public function with(array $change): self
    {
        return new self(...[...get_object_vars($this), ...$change]);
    }
}
