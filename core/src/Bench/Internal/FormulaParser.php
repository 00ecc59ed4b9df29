<?php

declare(strict_types=1);

namespace Chiralex\Bench\Internal;

use Chiralex\Bench\Exception\InvalidFormula;
use Chiralex\Bench\Expression;
use Chiralex\Bench\Functions;
use Chiralex\Limits;

/** Reads sums of products of factors into a tree; each rule gives the tree, its unit and where it ended. */
final readonly class FormulaParser
{
    /** @param bool $metered whether dividers carry the meter */
    public function __construct(private FormulaTokens $tokens, private bool $metered) {}

    /**
     * @return array{Expression, string} with its unit, empty where it has none
     * @throws InvalidFormula when it cannot be read
     */
    public function whole(): array
    {
        [$expression, $unit, $at] = $this->sum(0, 0);
        if (
            $this->tokens->kind($at) === 'name' &&
            in_array($this->tokens->text($at), ['V', 'A', 'Hz', 's', 'ohm', "\u{03A9}", 'F', 'H', 'W'], true)
        ) {
            $unit = $this->tokens->text($at);
            ++$at;
        }
        if ($this->tokens->kind($at) !== 'end') {
            throw InvalidFormula::at($this->tokens->source, $this->tokens->position($at));
        }

        return [$expression, $unit === "\u{03A9}" ? 'ohm' : $unit];
    }

    /**
     * @return array{Expression, string, int}
     * @throws InvalidFormula
     */
    private function sum(int $at, int $depth): array
    {
        [$left, $unit, $at] = $this->product($at, $depth);
        while (in_array($this->tokens->kind($at), ['+', '-'], true)) {
            [$right, $other, $next] = $this->product($at + 1, $depth);
            $left = $this->tokens->kind($at) === '+' ? $left->plus($right) : $left->minus($right);
            [$unit, $at] = [$unit === '' ? $other : $unit, $next];
        }

        return [$left, $unit, $at];
    }

    /**
     * @return array{Expression, string, int}
     * @throws InvalidFormula
     */
    private function product(int $at, int $depth): array
    {
        [$left, $unit, $at] = $this->factor($at, $depth);
        while (in_array($this->tokens->kind($at), ['*', '/'], true)) {
            [$right, $other, $next] = $this->factor($at + 1, $depth);
            $times = $this->tokens->kind($at) === '*';
            $left = $times ? $left->times($right) : $left->over($right);
            // A plain number leaves the unit as it is; two units make another, which the maker names behind the formula.
            [$unit, $at] = [$other === '' ? $unit : ($unit === '' && $times ? $other : ''), $next];
        }

        return [$left, $unit, $at];
    }

    /**
     * @return array{Expression, string, int}
     * @throws InvalidFormula
     */
    private function factor(int $at, int $depth): array
    {
        if ($depth > Limits::FORMULA_DEPTH) {
            throw InvalidFormula::tooDeep($this->tokens->source, Limits::FORMULA_DEPTH);
        }
        $kind = $this->tokens->kind($at);
        if ($kind === '-') {
            [$inner, $unit, $next] = $this->factor($at + 1, $depth + 1);

            return [$inner->negated(), $unit, $next];
        }
        if ($kind === '(') {
            [$inner, $unit, $next] = $this->sum($at + 1, $depth + 1);

            return $this->tokens->kind($next) === ')'
                ? [$inner, $unit, $next + 1]
                : throw InvalidFormula::at($this->tokens->source, $this->tokens->position($next));
        }
        if ($kind === 'number') {
            return [Expression::number($this->tokens->number($at)), $this->tokens->unit($at), $at + 1];
        }
        if ($kind !== 'name') {
            throw InvalidFormula::at($this->tokens->source, $this->tokens->position($at));
        }
        if ($this->tokens->kind($at + 1) !== '(') {
            return [Expression::part($this->tokens->text($at)), '', $at + 1];
        }

        return $this->call($at, $depth + 1);
    }

    /**
     * @return array{Expression, string, int}
     * @throws InvalidFormula
     */
    private function call(int $at, int $depth): array
    {
        $name = strtolower($this->tokens->text($at));
        $arguments = [];
        $at += 2;
        while (true) {
            [$argument, , $at] = $this->sum($at, $depth);
            $arguments[] = $argument;
            if ($this->tokens->kind($at) === ')') {
                return [
                    Functions::call($name, $arguments, $this->tokens->source, $this->metered),
                    Functions::SIGNATURES[$name][1],
                    $at + 1,
                ];
            }
            if ($this->tokens->kind($at) !== ',') {
                throw InvalidFormula::at($this->tokens->source, $this->tokens->position($at));
            }
            ++$at;
        }
    }
}
