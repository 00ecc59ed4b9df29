<?php

declare(strict_types=1);

namespace ChiralexRender;

use Chiralex\Part\Kind;
use Chiralex\Reason\Matter;
use Chiralex\Reason\Problem;
use Chiralex\Reason\Reason;

/** The words of one language: codes to sentences, kinds to names. */
final readonly class Words
{
    /**
     * @param array<string, string> $sentences
     * @param array{kind: array<string, array{string, string}>, mark: array<string, string>, consequence: array<string, string>, action: array<string, string>} $names
     */
    private function __construct(
        private array $sentences,
        private array $names,
    ) {}

    public static function english(): self
    {
        /** @var array<string, string> $sentences */
        $sentences = require __DIR__ . '/words/en/sentences.php';
        /** @var array<string, string> $manual */
        $manual = require __DIR__ . '/words/en/manual.php';
        /** @var array<string, string> $faults */
        $faults = require __DIR__ . '/words/en/faults.php';
        /** @var array{kind: array<string, array{string, string}>, mark: array<string, string>, consequence: array<string, string>, action: array<string, string>} $names */
        $names = require __DIR__ . '/words/en/names.php';

        return new self($sentences + $manual + $faults, $names);
    }

    public function of(Reason|Matter|Problem $said): string
    {
        return $this->sentence($said->code, $said->args);
    }

    public function knows(string $code): bool
    {
        return isset($this->sentences[$code]);
    }

    /** @param array<string, string|int|float|list<string>> $args */
    public function sentence(string $code, array $args): string
    {
        $replace = [];
        foreach ($args as $name => $value) {
            $text = is_array($value) ? $this->list($value) : (string) $value;
            $replace["{{$name}}"] = $name === 'why' && isset($this->sentences[$text]) ? $this->sentences[$text] : $text;
        }

        return strtr($this->sentences[$code] ?? $code, $replace);
    }

    public function kind(Kind $kind, bool $many = false): string
    {
        return $this->names['kind'][$kind->value][$many ? 1 : 0] ?? $kind->value;
    }

    public function mark(string $mark): string
    {
        return $this->names['mark'][$mark] ?? $mark;
    }

    public function consequence(string $consequence): string
    {
        return $this->names['consequence'][$consequence] ?? '';
    }

    public function action(string $action): string
    {
        return $this->names['action'][$action] ?? $action;
    }

    /** @param list<string> $names */
    private function list(array $names): string
    {
        return count($names) > 12 ? implode(', ', array_slice($names, 0, 11)) . ' and ' . (count($names) - 11) . ' more' : implode(', ', $names);
    }
}
