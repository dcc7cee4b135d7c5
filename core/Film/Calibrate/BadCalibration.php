<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Calibrate;

use DomainException;

/** Clicked points that cannot place the picture on the field, and why. */
final class BadCalibration extends DomainException
{
    public static function tooFew(int $n): self
    {
        return new self("$n points are not enough: click at least four field marks.");
    }

    public static function repeated(int $a, int $b): self
    {
        return new self(
            'Points '.
                ($a + 1).
                ' and '.
                ($b + 1).
                ' are the same mark or the same spot on the picture: move or delete one.',
        );
    }

    public static function collinear(): self
    {
        return new self('The points lie on one line, so the width of the picture is unknown: add a mark well off '
            .'that line, for example on another hash or sideline.');
    }

    public static function offPaint(int $point, float $px, float $most): self
    {
        return new self(sprintf('Point %d sits %.1f px away from where the other points put its mark (at most %.1f '
            .'px): click it again or choose the mark it really is.', $point + 1, $px, $most));
    }

    public static function behind(): self
    {
        return new self('That spot is above the horizon of this picture: no place on the field is there.');
    }

    public static function notFollowed(float $atS): self
    {
        return new self(sprintf('The camera moves and nobody followed it to %.2f s: follow the paint from a '
            .'calibrated picture, or calibrate this one too.', $atS));
    }

    public static function notFinite(int $point): self
    {
        return new self(
            'Point '.($point + 1).' is not a number on the picture and the field: delete it and click again.',
        );
    }
}
