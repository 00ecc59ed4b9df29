<?php

declare(strict_types=1);

namespace Chiralex\Bench\Internal;

use Chiralex\Bench\Exception\InvalidFormula;
use Chiralex\Limits;
use Chiralex\Quantity\Prefix;

/** The words of a formula: numbers with their prefix and unit, names, signs. */
final readonly class FormulaTokens
{
    /** @param list<array{kind: string, text: string, position: int, number: float, unit: string}> $tokens */
    private function __construct(public string $source, private array $tokens) {}

    /** @throws InvalidFormula when a character belongs to no word */
    public static function of(string $text): self
    {
        if (mb_strlen($text) > Limits::FORMULA_SIGNS) {
            throw InvalidFormula::tooLong($text, Limits::FORMULA_SIGNS);
        }
        $tokens = [];
        $at = 0;
        $length = strlen($text);
        while ($at < $length) {
            $rest = substr($text, $at);
            if (preg_match('~^\s+~u', $rest, $found) === 1) {
                $at += strlen($found[0]);
                continue;
            }
            $position = mb_strlen(substr($text, 0, $at));
            if (
                preg_match(
                    '~^(\d+(?:\.\d+)?|\.\d+)(?:\s*(p|n|u|\x{00B5}|m|k|M)?(V|A|Hz|s|ohm|\x{03A9}|F|H|W|C)?(?![\p{L}\d_]))?~u',
                    $rest,
                    $found,
                ) === 1
            ) {
                $tokens[] = [
                    'kind' => 'number',
                    'text' => $found[0],
                    'position' => $position,
                    'number' => (float) $found[1] * 10.0 ** (Prefix::ofReading($found[2] ?? '') ?? Prefix::One)->value,
                    'unit' => in_array($found[3] ?? '', ['C'], true) ? '' : $found[3] ?? '',
                ];
            } elseif (preg_match('~^[\p{L}_][\p{L}\d_]*~u', $rest, $found) === 1) {
                $tokens[] = [
                    'kind' => 'name',
                    'text' => $found[0],
                    'position' => $position,
                    'number' => 0.0,
                    'unit' => '',
                ];
            } elseif (str_contains('+-*/(),', $rest[0])) {
                $found = [$rest[0]];
                $tokens[] = [
                    'kind' => $rest[0],
                    'text' => $rest[0],
                    'position' => $position,
                    'number' => 0.0,
                    'unit' => '',
                ];
            } else {
                throw InvalidFormula::at($text, $position);
            }
            $at += strlen($found[0]);
        }

        return new self($text, $tokens);
    }

    public function kind(int $at): string
    {
        return $this->tokens[$at]['kind'] ?? 'end';
    }

    public function text(int $at): string
    {
        return $this->tokens[$at]['text'] ?? '';
    }

    public function number(int $at): float
    {
        return $this->tokens[$at]['number'] ?? 0.0;
    }

    public function unit(int $at): string
    {
        return $this->tokens[$at]['unit'] ?? '';
    }

    public function position(int $at): int
    {
        return $this->tokens[$at]['position'] ?? mb_strlen($this->source);
    }
}
