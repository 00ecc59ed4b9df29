<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;

/**
 * All places in the build order that the maker chose.
 *
 * @phpstan-import-type Node from \Chiralex\Kit\Internal\KitTree
 */
final readonly class OrderEdit implements Edit
{
    /** @param Node $overrides list of {parts, after, sameStep}; null for the computed order */
    private function __construct(public array|string|int|float|bool|null $overrides) {}

    /** @throws UnusableEdit when it is no list of places */
    public static function read(mixed $overrides): self
    {
        return new self(EditValue::at(['overrides', 'order'], 'the order', $overrides));
    }

    public function on(Folder $folder): Edited
    {
        $tree = $folder->tree();
        $path = ['overrides', 'order'];
        $inverse = new self($tree->at($path));

        return new Edited(
            $folder->withTree($this->overrides === null ? $tree->without($path) : $tree->with($path, $this->overrides)),
            $inverse,
        );
    }

    public function entry(): array
    {
        return ['type' => 'order', 'target' => '', 'field' => '', 'value' => $this->overrides];
    }
}
