<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;

/** Puts a part into another bag. */
final readonly class BagEdit implements Edit
{
    /** @param ?string $bag null for the computed one */
    private function __construct(public string $designator, public ?string $bag) {}

    /** @throws UnusableEdit when the bag is no text */
    public static function read(string $designator, mixed $bag): self
    {
        $letter = $bag === null ? null : mb_strtoupper(trim(EditValue::text("the bag of {$designator}", $bag, 20)));

        return new self($designator, $letter === '' ? null : $letter);
    }

    public function on(Folder $folder): Edited
    {
        $tree = $folder->tree();
        $path = ['overrides', 'bags'];
        $bags = [];
        $before = null;
        foreach (array_keys($tree->list($path)) as $index) {
            if ($tree->at([...$path, $index, 'part']) === $this->designator) {
                $before = $tree->at([...$path, $index, 'bag']);
            } else {
                $bags[] = $tree->at([...$path, $index]);
            }
        }
        if ($this->bag !== null) {
            $bags[] = ['part' => $this->designator, 'bag' => $this->bag];
        }

        return new Edited(
            $folder->withTree($bags === [] ? $tree->without($path) : $tree->with($path, $bags)),
            new self($this->designator, is_string($before) ? $before : null),
        );
    }

    public function entry(): array
    {
        return ['type' => 'bag', 'target' => $this->designator, 'field' => '', 'value' => $this->bag];
    }
}
