<?php

declare(strict_types=1);

namespace Chiralex\Fault\Letter;

/** The prepared block of the builder's page (`docs/report-block.md`), wherever it stands in a letter, quoted or folded. */
final readonly class ReportBlock
{
    private const BEGIN = '~^-{3}\s*chiralex report (\d+)\s*-{3}$~i';
    private const END = '~^-{3}\s*end\s*-{3}$~i';
    private const FIELD = '~^(kit|revision|serial|step|step-key|readings|language|symptom|answers)\s*:\s*(.*)$~i';

    /** @param array<string, string> $fields by their names in small letters */
    private function __construct(public int $version, private array $fields) {}

    /** @return ?self the first of a letter; an answer that quotes it has it again, and that counts once */
    public static function in(string $text): ?self
    {
        $version = null;
        $fields = [];
        $last = null;
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $text)) as $line) {
            $plain = trim(self::unquoted($line));
            if ($version === null) {
                $version = preg_match(self::BEGIN, $plain, $found) === 1 ? (int) $found[1] : null;
                continue;
            }
            if (self::ends($plain)) {
                break;
            }
            if (preg_match(self::FIELD, $plain, $found) === 1) {
                $last = strtolower($found[1]);
                $fields[$last] = trim($found[2]);
            } elseif ($last !== null && $plain !== '' && preg_match('~^[a-z-]{2,20}:~i', $plain) !== 1) {
                // Folded by the mail program.
                $fields[$last] = trim("{$fields[$last]} {$plain}");
            }
        }

        return $version === null ? null : new self($version, $fields);
    }

    /** What the block says, empty where it says nothing of it. */
    public function field(string $name): string
    {
        return $this->fields[$name] ?? '';
    }

    public static function unquoted(string $line): string
    {
        return (string) preg_replace('~^(?:\s*>)+\s?~', '', $line);
    }

    public static function begins(string $line): bool
    {
        return preg_match(self::BEGIN, trim($line)) === 1;
    }

    public static function ends(string $line): bool
    {
        return preg_match(self::END, trim($line)) === 1;
    }
}
