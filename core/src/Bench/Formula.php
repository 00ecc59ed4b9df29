<?php

declare(strict_types=1);

namespace Chiralex\Bench;

use Chiralex\Bench\Exception\InvalidFormula;
use Chiralex\Bench\Internal\FormulaParser;
use Chiralex\Bench\Internal\FormulaTokens;

/** A reading computed from parts: `divider(5.1 V, R2, R3)`, `1.44 / ((R1 + 2*R2) * C1) Hz`. */
final readonly class Formula
{
    /**
     * @param Expression $expression of the circuit alone
     * @param ?Expression $metered of the circuit with the meter at its dividers; null where it has none
     */
    private function __construct(public Expression $expression, public ?Expression $metered, public string $unit) {}

    /** @throws InvalidFormula when it cannot be read; the message names the character */
    public static function parse(string $text): self
    {
        $tokens = FormulaTokens::of($text);
        [$expression, $unit] = (new FormulaParser($tokens, false))->whole();
        $metered = preg_match('~\bdivider\s*\(~i', $text) === 1 ? (new FormulaParser($tokens, true))->whole()[0] : null;

        return new self($expression, $metered, $unit);
    }
}
