<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;

/**
 * One of the maker's settings.
 *
 * @phpstan-import-type Node from \Chiralex\Kit\Internal\KitTree
 */
final readonly class SettingEdit implements Edit
{
    /** @param Node $value null for the default */
    private function __construct(public string $field, public array|string|int|float|bool|null $value) {}

    /** @throws UnusableEdit when there is no such setting, or not this value of it */
    public static function read(string $field, mixed $value): self
    {
        EditValue::field(['settings'], 'setting', $field);

        return new self($field, EditValue::at(['settings', $field], "setting {$field}", $value));
    }

    public function on(Folder $folder): Edited
    {
        $tree = $folder->tree();
        $path = ['settings', $this->field];
        $inverse = new self($this->field, $tree->at($path));

        return new Edited(
            $folder->withTree($this->value === null ? $tree->without($path) : $tree->with($path, $this->value)),
            $inverse,
        );
    }

    public function entry(): array
    {
        return ['type' => 'setting', 'target' => '', 'field' => $this->field, 'value' => $this->value];
    }
}
