<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Field\Side;

/** A run as called: its scheme, the side it goes to, who carries it where said, tags and jobs given by hand. */
final readonly class RunCall
{
    /**
     * @param  list<Tag>  $tags
     * @param  array<string, Order>  $orders  by letter
     * @param  bool  $giveOnly  the quarterback hands off whatever the key does (PAC-19)
     */
    public function __construct(
        public string $scheme,
        public Side $side,
        public ?string $who = null,
        public array $tags = [],
        public array $orders = [],
        public bool $giveOnly = false,
    ) {
    }

    public function scheme(): RunScheme
    {
        return Schemes::get($this->scheme);
    }

    public function tagged(string $name): ?Tag
    {
        foreach ($this->tags as $tag) {
            if ($tag->name === $name) {
                return $tag;
            }
        }

        return null;
    }

    /** The same run with one tag more. */
    public function withTag(Tag $tag): self
    {
        return new self($this->scheme, $this->side, $this->who, [...$this->tags, $tag], $this->orders, $this->giveOnly);
    }

    public function words(): string
    {
        return ($this->who === null ? '' : "{$this->who} ").
            "{$this->scheme} {$this->side->value}".
            ($this->giveOnly ? ' give' : '');
    }

    public function mirrored(): self
    {
        $orders = [];
        foreach ($this->orders as $letter => $order) {
            $orders[strtr($letter, ['LT' => 'RT', 'RT' => 'LT', 'LG' => 'RG', 'RG' => 'LG'])] = $order->mirrored();
        }

        return new self(
            $this->scheme,
            $this->side->opposite(),
            $this->who,
            array_map(fn (Tag $t): Tag => $t->mirrored(), $this->tags),
            $orders,
            $this->giveOnly,
        );
    }
}
