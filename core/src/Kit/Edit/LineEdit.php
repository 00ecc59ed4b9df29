<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Data\KitSchema;
use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;
use Chiralex\Quantity\Exception\InvalidQuantity;
use Chiralex\Quantity\Length;

/**
 * What the maker says of one part.
 *
 * @phpstan-import-type Node from \Chiralex\Kit\Internal\KitTree
 */
final readonly class LineEdit implements Edit
{
    /** A length above this is no height of a part, in millimetres. */
    private const TALLEST = 300.0;

    /** @param Node $value as the kit file keeps it; null takes the fact away */
    private function __construct(
        public string $designator,
        public string $field,
        public array|string|int|float|bool|null $value,
    ) {}

    /**
     * @param mixed $value a length may be text with its unit, `0.3 in`
     * @throws UnusableEdit when a part has no such fact, or not this value of it
     */
    public static function read(string $designator, string $field, mixed $value): self
    {
        if (trim($designator) === '') {
            throw UnusableEdit::noName('part', 60);
        }
        EditValue::field(['lines', '*'], 'fact of a part', $field);
        $path = ['lines', '*', $field];
        $value = KitSchema::at($path) === 'size' && $value !== null ? self::length($field, $value) : $value;

        return new self($designator, $field, EditValue::at($path, "{$field} of {$designator}", $value));
    }

    public function on(Folder $folder): Edited
    {
        $tree = $folder->tree();
        $path = ['lines', $this->designator, $this->field];
        $inverse = new self($this->designator, $this->field, $tree->at($path));

        return new Edited(
            $folder->withTree($this->value === null ? $tree->without($path) : $tree->with($path, $this->value)),
            $inverse,
        );
    }

    public function entry(): array
    {
        return ['type' => 'line', 'target' => $this->designator, 'field' => $this->field, 'value' => $this->value];
    }

    /** @throws UnusableEdit */
    private static function length(string $field, mixed $typed): float
    {
        try {
            $length = Length::parse(is_scalar($typed) ? (string) $typed : '')->toFloat();
        } catch (InvalidQuantity $fault) {
            throw UnusableEdit::length($fault);
        }
        if ($length <= 0.0 || $length >= self::TALLEST) {
            throw UnusableEdit::value($field, 'above 0 and below 300 mm');
        }

        return $length;
    }
}
