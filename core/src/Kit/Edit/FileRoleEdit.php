<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;

/** What a file is, as the maker says. */
final readonly class FileRoleEdit implements Edit
{
    /** @param ?string $role null leaves it to the file to say */
    private function __construct(public string $file, public ?string $role) {}

    /** @throws UnusableEdit when there is no such role */
    public static function read(string $file, mixed $value): self
    {
        $role = EditValue::at(['files', '*'], "what {$file} is", $value);

        return new self(mb_substr($file, 0, 120), is_string($role) ? $role : null);
    }

    public function on(Folder $folder): Edited
    {
        $path = ['files', $this->file];
        $tree = $folder->tree();
        $before = $tree->at($path);
        $tree = $this->role === null ? $tree->without($path) : $tree->with($path, $this->role);
        $tree = $tree->at(['files']) === [] ? $tree->without(['files']) : $tree;

        return new Edited($folder->withTree($tree), new self($this->file, is_string($before) ? $before : null));
    }

    public function entry(): array
    {
        return ['type' => 'file-role', 'target' => $this->file, 'field' => '', 'value' => $this->role];
    }
}
