<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer\Internal;

use Chiralex\Limits;

/** A sum of an aperture macro: numbers, `$1`, `+ - x /` and brackets; `x` and `/` bind first. */
final readonly class MacroSum
{
    /** @param array<int, float> $values of `$1` and the rest; one that is not given is 0 */
    private function __construct(private string $text, private array $values) {}

    /**
     * @param array<int, float> $values
     * @return ?float null for what is no sum
     */
    public static function of(string $text, array $values): ?float
    {
        $sum = new self(str_replace([' ', 'X'], ['', 'x'], substr($text, 0, Limits::FORMULA_SIGNS)), $values);
        [$value, $end] = $sum->sum(0) ?? [0.0, -1];

        return $end === strlen($sum->text) && is_finite($value) && abs($value) < Limits::NUMBER ? $value : null;
    }

    /** @return ?array{float, int} its value and where it ends */
    private function sum(int $at): ?array
    {
        $left = $this->product($at);
        while ($left !== null && in_array($sign = $this->text[$left[1]] ?? '', ['+', '-'], true)) {
            $right = $this->product($left[1] + 1);
            $left = $right === null ? null : [$sign === '+' ? $left[0] + $right[0] : $left[0] - $right[0], $right[1]];
        }

        return $left;
    }

    /** @return ?array{float, int} */
    private function product(int $at): ?array
    {
        $left = $this->factor($at);
        while ($left !== null && in_array($sign = $this->text[$left[1]] ?? '', ['x', '/'], true)) {
            $right = $this->factor($left[1] + 1);
            $left =
                $right === null || ($sign === '/' && $right[0] === 0.0)
                    ? null
                    : [$sign === 'x' ? $left[0] * $right[0] : $left[0] / $right[0], $right[1]];
        }

        return $left;
    }

    /** @return ?array{float, int} */
    private function factor(int $at): ?array
    {
        $sign = $this->text[$at] ?? '';
        if ($sign === '+' || $sign === '-') {
            $value = $this->factor($at + 1);

            return $value === null ? null : [$sign === '-' ? -$value[0] : $value[0], $value[1]];
        }
        if ($sign === '(') {
            $value = $this->sum($at + 1);

            return $value === null || ($this->text[$value[1]] ?? '') !== ')' ? null : [$value[0], $value[1] + 1];
        }
        if (preg_match('~\G(\$?)(\d+(?:\.\d*)?|\.\d+)~', $this->text, $found, 0, $at) !== 1) {
            return null;
        }

        return [$found[1] === '$' ? $this->values[(int) $found[2]] ?? 0.0 : (float) $found[2], $at + strlen($found[0])];
    }
}
