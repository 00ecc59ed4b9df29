<?php

declare(strict_types=1);

namespace ChiralexCli;

/** The words of one call: positional arguments and options. */
final readonly class Arguments
{
    /**
     * @param list<string> $words
     * @param array<string, list<string>> $flags
     */
    private function __construct(public array $words, private array $flags, private string $usage) {}

    /**
     * An argument that starts with `-` and a digit is a value.
     *
     * @param list<string> $arguments behind the verb
     * @param list<string> $known options that take a value
     * @param list<string> $switches options that take none
     * @throws UsageError when an option is unknown or lacks its value
     */
    public static function parse(array $arguments, array $known, string $usage, array $switches = []): self
    {
        $words = $flags = [];
        for ($i = 0; $i < count($arguments); ++$i) {
            $argument = $arguments[$i];
            if ($argument === '--json') {
                continue;
            }
            if (!str_starts_with($argument, '-') || preg_match('~^-\d~', $argument) === 1 || $argument === '-') {
                $words[] = $argument;
                continue;
            }
            [$name, $value] = [...explode('=', $argument, 2), null];
            $name = ltrim((string) $name, '-');
            if ($value === null && in_array($name, $switches, true)) {
                $flags[$name][] = '';
                continue;
            }
            if (!in_array($name, $known, true)) {
                throw UsageError::unknownFlag($argument, $usage);
            }
            $value ??= $arguments[++$i] ?? throw UsageError::missing("--{$name}", $usage);
            $flags[$name][] = (string) $value;
        }

        return new self($words, $flags, $usage);
    }

    /** @throws UsageError when there is not exactly one word */
    public function only(string $verb): string
    {
        return count($this->words) === 1 && $this->words[0] !== ''
            ? $this->words[0]
            : throw UsageError::missing($verb, $this->usage);
    }

    public function flag(string $name): ?string
    {
        return $this->flags[$name][0] ?? null;
    }

    /** @return list<string> every value of an option that may come several times */
    public function all(string $name): array
    {
        return $this->flags[$name] ?? [];
    }

    /**
     * @return array<string, string> `--option box=drilled` as pairs
     * @throws UsageError when one has no equals sign
     */
    public function options(): array
    {
        $options = [];
        foreach ($this->flags['option'] ?? [] as $pair) {
            [$name, $value] = [...explode('=', $pair, 2), null];
            $options[(string) $name] = $value ?? throw UsageError::badValue('--option', $pair, 'NAME=VALUE');
        }

        return $options;
    }
}
