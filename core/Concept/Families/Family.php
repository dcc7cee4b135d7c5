<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept\Families;

/** A family of pass calls: who runs what by receiver number on the concept side, in one or several forms. */
final readonly class Family
{
    /**
     * @param  list<Form>  $forms  the usual one first
     * @param  bool  $across  whether it is defined across the ball
     * @param  bool  $rolls  whether the passer rolls out to its side
     * @param  bool  $protects  whether whoever has no route stays in to protect
     * @param  string|null  $from  the family whose card it is built from and has to look like, after a roll
     * @param  string|null  $needs  call words without which a family of the staff is not ready (CAL-15), or null: ready
     */
    public function __construct(
        public string $name,
        public array $forms,
        public bool $across = false,
        public string $alsoCalled = '',
        public bool $rolls = false,
        public ?string $needs = null,
        public bool $protects = false,
        public ?string $from = null,
    ) {
    }

    /** The form a call is shown by. */
    public function usual(): Form
    {
        return $this->forms[0];
    }

    /** How many men of one side it takes at least. */
    public function least(): int
    {
        $least = array_map(
            fn (Form $f): int => max(0, ...array_diff(array_keys($f->front), $f->optional)),
            $this->forms,
        );

        return min([...$least, 11]);
    }

    /** "post by #1, dig by #2" */
    public function definition(): string
    {
        $form = $this->usual();
        $parts = array_map(fn (string $r): string => Wish::of($r)->words().' by anybody', $form->any);
        foreach ($form->any === [] ? $form->front : [] as $number => $route) {
            if (! in_array($number, $form->optional, true)) {
                $parts[] = Wish::of($route)->words()." by #$number";
            }
        }
        if ($form->back !== null) {
            $parts[] = Wish::of($form->back)->words().' by the back';
        }
        if ($this->across) {
            foreach ($form->other as $number => $route) {
                if (! in_array($number, $form->otherOptional, true)) {
                    $parts[] = Wish::of($route)->words()." by #$number across the ball";
                }
            }
        }

        return implode(', ', $parts).($this->rolls ? ', the passer rolling that way' : '');
    }
}
