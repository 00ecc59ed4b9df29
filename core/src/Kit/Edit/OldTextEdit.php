<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;

/** A paragraph of an old manual that is taken over or not needed, and back into the tray. */
final readonly class OldTextEdit implements Edit
{
    private function __construct(public string $id, public bool $isDone) {}

    /** @throws UnusableEdit when it names no paragraph, or the value is neither yes nor no */
    public static function read(string $id, mixed $value): self
    {
        if (preg_match('~^[0-9a-f]{12}$~', $id) !== 1) {
            throw UnusableEdit::value('the paragraph', 'one of the old manual');
        }

        return new self($id, EditValue::at(['firstKit', 'done'], 'done', $value) === true);
    }

    public function on(Folder $folder): Edited
    {
        $tree = $folder->tree();
        $before = array_values(array_filter($tree->list(['oldText']), is_string(...)));
        $after = $this->isDone ? [...array_diff($before, [$this->id]), $this->id] : array_diff($before, [$this->id]);
        $tree = $after === [] ? $tree->without(['oldText']) : $tree->with(['oldText'], array_values($after));

        return new Edited($folder->withTree($tree), new self($this->id, in_array($this->id, $before, true)));
    }

    public function entry(): array
    {
        return ['type' => 'old-text', 'target' => $this->id, 'field' => '', 'value' => $this->isDone];
    }
}
