<?php

declare(strict_types=1);

namespace Chiralex\Part;

/**
 * The recognised body of a part at rotation 0, seen from above with y up, in millimetres.
 *
 * Zero orientation: two-pin parts have pin 1 at -x (cathode, positive or 1 by the kind); DIP has pin 1 upper left
 * (IEC 61188-7 level A, from memory).
 */
final readonly class Outline
{
    /**
     * @param float $along size along x
     * @param float $across size along y
     * @param float $height seated height, board to top
     * @param array<array-key, array{float, float}> $pins pin name to place
     */
    public function __construct(
        public string $name,
        public BodyShape $shape,
        public float $along,
        public float $across,
        public float $height,
        public Leads $leads,
        public array $pins,
        public string $source,
    ) {}

    public function area(): float
    {
        return $this->shape === BodyShape::Can
            ? (M_PI / 4) * $this->along * $this->across
            : $this->along * $this->across;
    }

    public function withBox(float $along, float $across, string $source = 'typed in'): self
    {
        return new self(
            $this->name,
            BodyShape::Box,
            $along,
            $across,
            $this->height,
            $this->leads,
            $this->pins,
            $source,
        );
    }

    /** @param array<array-key, array{float, float}> $pins */
    public function withPins(array $pins): self
    {
        return new self(
            $this->name,
            $this->shape,
            $this->along,
            $this->across,
            $this->height,
            $this->leads,
            $pins,
            $this->source,
        );
    }

    public function withHeight(float $height): self
    {
        return new self(
            $this->name,
            $this->shape,
            $this->along,
            $this->across,
            $height,
            $this->leads,
            $this->pins,
            $this->source,
        );
    }

    public function withLeadLength(float $length): self
    {
        return new self(
            $this->name,
            $this->shape,
            $this->along,
            $this->across,
            $this->height,
            new Leads($this->leads->style, $length),
            $this->pins,
            $this->source,
        );
    }
}
