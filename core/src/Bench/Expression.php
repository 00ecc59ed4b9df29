<?php

declare(strict_types=1);

namespace Chiralex\Bench;

/** A formula as a tree of a few operations; a part of it that is used twice is one object. */
final readonly class Expression
{
    /**
     * @param string $operation `number`, `part`, `+`, `*`, `/`, `negate`, `exp`, `sqrt`
     * @param list<self> $arguments
     */
    private function __construct(
        public string $operation,
        public array $arguments = [],
        public float $value = 0.0,
        public string $part = '',
    ) {}

    public static function number(float $value): self
    {
        return new self('number', value: $value);
    }

    public static function part(string $designator): self
    {
        return new self('part', part: $designator);
    }

    public function plus(self $other): self
    {
        return match (true) {
            $this->isNumber(0.0) => $other,
            $other->isNumber(0.0) => $this,
            default => new self('+', [$this, $other]),
        };
    }

    public function minus(self $other): self
    {
        return $this->plus($other->negated());
    }

    public function times(self $other): self
    {
        return match (true) {
            $this->isNumber(0.0), $other->isNumber(0.0) => self::number(0.0),
            $this->isNumber(1.0) => $other,
            $other->isNumber(1.0) => $this,
            default => new self('*', [$this, $other]),
        };
    }

    public function over(self $other): self
    {
        return $this->isNumber(0.0) || $other->isNumber(1.0) ? $this : new self('/', [$this, $other]);
    }

    public function negated(): self
    {
        return $this->operation === 'number' ? self::number(-$this->value) : new self('negate', [$this]);
    }

    public function exp(): self
    {
        return new self('exp', [$this]);
    }

    public function sqrt(): self
    {
        return new self('sqrt', [$this]);
    }

    private function isNumber(float $value): bool
    {
        return $this->operation === 'number' && $this->value === $value;
    }
}
