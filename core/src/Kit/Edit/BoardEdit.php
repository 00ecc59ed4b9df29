<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;
use Chiralex\Kit\Internal\KitTree;

/**
 * A fact of one board.
 *
 * @phpstan-import-type Node from KitTree
 */
final readonly class BoardEdit implements Edit
{
    /**
     * @param string $field `mask`, or with what it is of, `squarePad.led`
     * @param Node $value null takes the fact away
     */
    private function __construct(
        public string $board,
        public string $field,
        public array|string|int|float|bool|null $value,
    ) {}

    /** @throws UnusableEdit when a board has no such fact, or not this value of it */
    public static function read(string $board, string $field, mixed $value): self
    {
        [$fact, $of] = explode('.', $field, 2) + ['', null];
        EditValue::field(['board'], 'fact of a board', $fact);
        $path = $of === null ? ['board', $fact] : ['board', $fact, '*'];

        return new self($board, $field, EditValue::at($path, "{$field} of board {$board}", $value));
    }

    public function on(Folder $folder): Edited
    {
        $tree = $folder->tree();
        $path = $this->path($tree);
        $inverse = new self($this->board, $this->field, $tree->at($path));

        return new Edited(
            $folder->withTree($this->value === null ? $tree->without($path) : $tree->with($path, $this->value)),
            $inverse,
        );
    }

    public function entry(): array
    {
        return ['type' => 'board', 'target' => $this->board, 'field' => $this->field, 'value' => $this->value];
    }

    /**
     * @return non-empty-list<string|int>
     * @throws UnusableEdit when there is no such board
     */
    private function path(KitTree $tree): array
    {
        $field = explode('.', $this->field, 2);
        if (!$tree->has(['boards'])) {
            return $this->board === 'main' || $this->board === ''
                ? ['board', ...$field]
                : throw UnusableEdit::unknown('board', $this->board, ['main']);
        }
        $names = [];
        foreach (array_keys($tree->list(['boards'])) as $index) {
            $name = $tree->at(['boards', $index, 'name']);
            $names[] = is_string($name) ? $name : ($index === 0 ? 'main' : "board {$index}");
        }
        $index = array_search($this->board, $names, true);

        return $index === false
            ? throw UnusableEdit::unknown('board', $this->board, $names)
            : ['boards', $index, ...$field];
    }
}
