<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Call;

use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Words\DefenderWords;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\Tokens;

/** Reads who is read, in what order and against what, and which defender the call names as its key. */
final readonly class ReadParser
{
    public function __construct(private Tokens $tokens, private MenWords $men, private CallDraft $draft)
    {
    }

    /** "read Y, H", "read R, mesh, sit", "read man X, Y; read zone Z, H", "read high to low" */
    public function reads(): void
    {
        $seen = $this->tokens->phrase(['middle closed', 'middle open', 'closed', 'open', 'man', 'zone']);
        $by = $seen === null ? null : str_replace('middle ', '', $seen);
        $this->draft->byDepth = $this->tokens->phrase(['high to low', 'low to high']) ?? $this->draft->byDepth;
        $order = [];
        while (! $this->tokens->done()) {
            $this->tokens->skip(',');
            $word = $this->oneRead();
            if ($word === null) {
                break;
            }
            $order[] = $word;
            if ($this->tokens->peek() !== ',') {
                break;
            }
        }
        if ($order === [] && $this->draft->byDepth === null) {
            throw NotUnderstood::word(
                $this->tokens->peek() ?? '',
                'man to read',
                array_map(strtolower(...), $this->men->letters()),
            );
        }
        if ($by !== null) {
            $this->draft->readsBy[$by] = $order;
        } elseif ($order !== []) {
            $this->draft->reads = $order;
        }
    }

    /** A letter, with his route when it is said there, or a route or family after "="; null when none comes next. */
    private function oneRead(): ?string
    {
        $letter = $this->men->who();
        if ($letter === null) {
            $mark = $this->tokens->mark();
            $name = $this->tokens->phrase([
                ...array_keys(Routes::all()),
                ...array_map(strval(...), array_keys(Drawn::catalogue($this->draft->own))),
            ]);
            if ($name !== null && ! in_array($this->tokens->peek(), [',', ';', null], true)) {
                $this->tokens->back($mark);
                $name = null;
            }

            return $name === null ? null : "=$name";
        }
        if (! in_array($this->tokens->peek(), [',', ';', null], true)) {
            $route = $this->men->route($letter);
            $this->draft->routes[$letter] ??= $route;
        }

        return $letter;
    }

    /**
     * "key will"
     *
     * @throws NotUnderstood
     */
    public function key(): void
    {
        $roles = DefenderWords::roles();
        $this->draft->keys[] = $this->tokens->phrase($roles)
            ?? throw NotUnderstood::word($this->tokens->peek() ?? '', 'defender', $roles);
    }
}
