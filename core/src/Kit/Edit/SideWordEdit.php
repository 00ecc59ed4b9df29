<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;

/** Which side a word of a placement file means, as the maker says. */
final readonly class SideWordEdit implements Edit
{
    /** @param ?string $side `top` or `bottom`; null takes the answer back */
    private function __construct(public string $word, public ?string $side) {}

    /** @throws UnusableEdit when it is no side */
    public static function read(string $word, mixed $value): self
    {
        $side = EditValue::at(['sides', '*'], "the side of \"{$word}\"", $value);

        return new self(mb_strtolower(mb_substr(trim($word), 0, 40)), is_string($side) ? $side : null);
    }

    public function on(Folder $folder): Edited
    {
        $path = ['sides', $this->word];
        $tree = $folder->tree();
        $before = $tree->at($path);
        $tree = $this->side === null ? $tree->without($path) : $tree->with($path, $this->side);
        $tree = $tree->at(['sides']) === [] ? $tree->without(['sides']) : $tree;

        return new Edited($folder->withTree($tree), new self($this->word, is_string($before) ? $before : null));
    }

    public function entry(): array
    {
        return ['type' => 'side-word', 'target' => $this->word, 'field' => '', 'value' => $this->side];
    }
}
