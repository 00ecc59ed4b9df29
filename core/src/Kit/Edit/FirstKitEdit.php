<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;
use Chiralex\Limits;

/** What was over or missing when the first kit was built from the printed list, or that it has been built. */
final readonly class FirstKitEdit implements Edit
{
    /**
     * @param string $part empty where it is about the whole kit
     * @param bool|int|null $value built or not; pieces over or missing; null takes it away
     */
    private function __construct(public string $part, public bool|int|null $value) {}

    /** @throws UnusableEdit when the value is no whole number of pieces, or for the whole kit neither yes nor no */
    public static function read(string $part, mixed $value): self
    {
        $path = $part === '' ? ['firstKit', 'done'] : ['firstKit', 'off', '*'];
        $checked = EditValue::at($path, $part === '' ? 'built' : "pieces of {$part}", $value);
        if (is_int($checked) && abs($checked) > Limits::PIECES) {
            throw UnusableEdit::value("pieces of {$part}", 'at most ' . Limits::PIECES);
        }

        return new self(
            mb_substr($part, 0, 120),
            is_bool($checked) || (is_int($checked) && $checked !== 0) ? $checked : null,
        );
    }

    public function on(Folder $folder): Edited
    {
        $path = $this->part === '' ? ['firstKit', 'done'] : ['firstKit', 'off', $this->part];
        $tree = $folder->tree();
        $before = $tree->at($path);
        $tree =
            $this->value === null || $this->value === false ? $tree->without($path) : $tree->with($path, $this->value);
        foreach ([['firstKit', 'off'], ['firstKit']] as $parent) {
            $tree = $tree->at($parent) === [] ? $tree->without($parent) : $tree;
        }

        return new Edited(
            $folder->withTree($tree),
            new self($this->part, is_bool($before) || is_int($before) ? $before : null),
        );
    }

    public function entry(): array
    {
        return ['type' => 'first-kit', 'target' => $this->part, 'field' => '', 'value' => $this->value];
    }
}
