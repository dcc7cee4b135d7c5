<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

/** One measured number beside what the call asks for: yards, yards a second or seconds. */
final readonly class Row
{
    private function __construct(
        public string $man,
        public string $measure,
        public string $unit,
        public ?float $planned,
        public float $done,
        public float $sd,
        public bool $byEye,
        public bool $limit = false,
    ) {
    }

    public static function of(
        string $man,
        string $measure,
        string $unit,
        ?float $planned,
        float $done,
        float $sd,
        bool $byEye = false,
    ): self {
        return new self(
            $man,
            $measure,
            $unit,
            $planned === null ? null : round($planned, 2),
            round($done, 2),
            round($sd, 3),
            $byEye,
        );
    }

    /** A number that may be anything up to a limit, as the rule book's yards downfield. */
    public static function upTo(string $man, string $measure, string $unit, float $limit, float $done, float $sd): self
    {
        return new self($man, $measure, $unit, $limit, round($done, 2), round($sd, 3), false, true);
    }

    public function error(): ?float
    {
        return $this->planned === null
            ? null
            : round($this->limit ? max(0.0, $this->done - $this->planned) : $this->done - $this->planned, 2);
    }

    /**
     * @return array{man: string, measure: string, unit: string, planned: float|null, done: float, error: float|null,
     *     sd: float, byEye: bool}
     */
    public function toArray(): array
    {
        return ['man' => $this->man, 'measure' => $this->measure, 'unit' => $this->unit, 'planned' => $this->planned,
            'done' => $this->done, 'error' => $this->error(), 'sd' => $this->sd, 'byEye' => $this->byEye];
    }
}
