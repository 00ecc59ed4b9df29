<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Kit\Data\KitSchema;
use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Exception\UnusableKit;

/**
 * Values of edits, held against the same table that the kit file is read with.
 *
 * @phpstan-import-type Node from KitTree
 */
final readonly class EditValue
{
    /**
     * @param list<string> $path of the schema, `['lines', '*', 'height']`
     * @param string $what `height of R1`
     * @return Node
     * @throws UnusableEdit when the value is none that the kit file takes there
     */
    public static function at(array $path, string $what, mixed $value): array|string|int|float|bool|null
    {
        if ($value === null) {
            return null;
        }
        try {
            (new SchemaCheck())->check($value, KitSchema::at($path), $what);
        } catch (UnusableKit $fault) {
            throw UnusableEdit::value($fault->place ?? $what, $fault->wanted ?? 'something else');
        }

        return is_array($value) || is_scalar($value) ? $value : null;
    }

    /**
     * @param list<string> $path of the schema
     * @param string $what `fact of a part`
     * @throws UnusableEdit when the kit file has no such field there; it tells which there are
     */
    public static function field(array $path, string $what, string $field): void
    {
        $known = KitSchema::fields($path);
        if (!in_array($field, $known, true)) {
            throw UnusableEdit::unknown($what, $field, $known);
        }
    }

    /** @throws UnusableEdit when it is no text */
    public static function text(string $what, mixed $value, int $longest = 5000): string
    {
        if (!is_scalar($value) || mb_strlen((string) $value) > $longest) {
            throw UnusableEdit::value($what, "text of at most {$longest} characters");
        }

        return (string) $value;
    }
}
