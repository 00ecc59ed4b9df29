<?php

declare(strict_types=1);

namespace Chiralex\Table;

/** Which column holds which field. A header may carry a unit: `PosX (mm)`. */
final readonly class HeaderMap
{
    /** Letters of the six languages, as they are written without accents. */
    private const FOLDED = [
        "\u{00E4}" => 'ae',
        "\u{00F6}" => 'oe',
        "\u{00FC}" => 'ue',
        "\u{00DF}" => 'ss',
        "\u{00E0}" => 'a',
        "\u{00E1}" => 'a',
        "\u{00E2}" => 'a',
        "\u{0105}" => 'a',
        "\u{00E7}" => 'c',
        "\u{0107}" => 'c',
        "\u{00E8}" => 'e',
        "\u{00E9}" => 'e',
        "\u{00EA}" => 'e',
        "\u{00EB}" => 'e',
        "\u{0119}" => 'e',
        "\u{00ED}" => 'i',
        "\u{00EE}" => 'i',
        "\u{00EF}" => 'i',
        "\u{0142}" => 'l',
        "\u{0144}" => 'n',
        "\u{00F1}" => 'n',
        "\u{00F3}" => 'o',
        "\u{00F4}" => 'o',
        "\u{015B}" => 's',
        "\u{00FA}" => 'u',
        "\u{00FB}" => 'u',
        "\u{00F9}" => 'u',
        "\u{017A}" => 'z',
        "\u{017C}" => 'z',
    ];

    /**
     * @param array<string, int> $columns field to column index
     * @param array<string, string> $units field to the unit its header names
     */
    private function __construct(public array $columns, private array $units) {}

    /**
     * @param list<string> $headers
     * @param array<string, list<string>> $synonyms field to its spellings
     */
    public static function guess(array $headers, array $synonyms): self
    {
        $columns = [];
        $plain = array_map(self::plain(...), $headers);
        foreach ($synonyms as $field => $names) {
            foreach ($names as $name) {
                $index = array_search($name, $plain, true);
                if (!isset($columns[$field]) && is_int($index) && !in_array($index, $columns, true)) {
                    $columns[$field] = $index;
                }
            }
        }

        return new self($columns, self::units($columns, $headers));
    }

    /**
     * The same with columns that were found by what stands in them.
     *
     * @param array<string, int> $columns
     * @param list<string> $headers
     */
    public function with(array $columns, array $headers): self
    {
        return new self($columns, self::units($columns, $headers));
    }

    /**
     * @param array<string, int> $columns
     * @param list<string> $headers
     * @return array<string, string> field to the unit its header names
     */
    private static function units(array $columns, array $headers): array
    {
        $units = [];
        foreach ($columns as $field => $index) {
            if (preg_match('~[\s_(\[]+(mm|cm|mils?|in|inch)\s*[)\]]?\s*$~i', $headers[$index] ?? '', $found) === 1) {
                $units[$field] = strtolower($found[1]);
            }
        }

        return $units;
    }

    public function has(string $field): bool
    {
        return isset($this->columns[$field]);
    }

    public function cell(Row $row, string $field): string
    {
        return isset($this->columns[$field]) ? $row->cell($this->columns[$field]) : '';
    }

    public function unit(string $field): ?string
    {
        return $this->units[$field] ?? null;
    }

    /** @param list<string> $headers */
    public function header(array $headers, string $field): ?string
    {
        return isset($this->columns[$field]) ? $headers[$this->columns[$field]] ?? null : null;
    }

    private static function plain(string $header): string
    {
        $text = strtr(mb_strtolower($header), self::FOLDED);
        $text = (string) preg_replace('~[(\[]\s*(mm|cm|mils?|in|inch)\s*[)\]]|[\s_]+(mm|mil|in)$~', '', $text);

        return trim((string) preg_replace('~[^a-z0-9]+~', ' ', $text));
    }
}
