<?php

declare(strict_types=1);

namespace Chiralex\Bench;

/** A formula as a tree of a few operations; it is evaluated by number and by interval, and derived by its parts. */
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

    /** @return list<string> designators, each once, sorted */
    public function parts(): array
    {
        $parts = $this->operation === 'part' ? [$this->part] : array_merge(...array_map(static fn(self $each): array => $each->parts(), $this->arguments), ...[[]]);
        $parts = array_values(array_unique($parts));
        sort($parts, SORT_NATURAL);

        return $parts;
    }

    /** @param array<string, float> $at value of each part */
    public function evaluate(array $at): float
    {
        $of = array_map(static fn(self $each): float => $each->evaluate($at), $this->arguments);

        return match ($this->operation) {
            'number' => $this->value,
            'part' => $at[$this->part] ?? NAN,
            '+' => $of[0] + $of[1],
            '*' => $of[0] * $of[1],
            '/' => $of[1] === 0.0 ? NAN : $of[0] / $of[1],
            'negate' => -$of[0],
            'exp' => exp($of[0]),
            default => sqrt(max(0.0, $of[0])),
        };
    }

    /** @param array<string, Interval> $in interval of each part */
    public function enclose(array $in): Interval
    {
        $of = array_map(static fn(self $each): Interval => $each->enclose($in), $this->arguments);

        return match ($this->operation) {
            'number' => Interval::point($this->value),
            'part' => $in[$this->part] ?? Interval::everything(),
            '+' => $of[0]->plus($of[1]),
            '*' => $of[0]->times($of[1]),
            '/' => $of[0]->over($of[1]),
            'negate' => $of[0]->negated(),
            'exp' => $of[0]->exp(),
            default => $of[0]->sqrt(),
        };
    }

    /** The partial derivative by one part. */
    public function derivedBy(string $part): self
    {
        $a = $this->arguments[0] ?? self::number(0.0);
        $b = $this->arguments[1] ?? self::number(1.0);

        return match ($this->operation) {
            'number' => self::number(0.0),
            'part' => self::number($this->part === $part ? 1.0 : 0.0),
            '+' => $a->derivedBy($part)->plus($b->derivedBy($part)),
            '*' => $a->derivedBy($part)->times($b)->plus($a->times($b->derivedBy($part))),
            '/' => $a->derivedBy($part)->times($b)->minus($a->times($b->derivedBy($part)))->over($b->times($b)),
            'negate' => $a->derivedBy($part)->negated(),
            'exp' => $this->times($a->derivedBy($part)),
            default => $a->derivedBy($part)->over(self::number(2.0)->times($this)),
        };
    }

    private function isNumber(float $value): bool
    {
        return $this->operation === 'number' && $this->value === $value;
    }
}
