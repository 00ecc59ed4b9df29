<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;

/** What a gate without a test of its own expects. */
final readonly class GateEdit implements Edit
{
    private function __construct(public string $gate, public string $expect) {}

    /** @throws UnusableEdit when the expectation is no text */
    public static function read(string $gate, mixed $expect): self
    {
        return new self($gate, EditValue::text("what {$gate} expects", $expect ?? ''));
    }

    public function on(Folder $folder): Edited
    {
        $tree = $folder->tree();
        $names = [];
        foreach (array_keys($tree->list(['gates'])) as $index) {
            $name = $tree->at(['gates', $index, 'name']);
            $names[] = is_string($name) ? trim($name) : '';
        }
        $index = array_search($this->gate, $names, true);
        if ($index === false) {
            throw UnusableEdit::unknown('gate', $this->gate, $names);
        }
        $path = ['gates', $index, 'expect'];
        $before = $tree->at($path);

        return new Edited(
            $folder->withTree($tree->with($path, $this->expect)),
            new self($this->gate, is_string($before) ? $before : ''),
        );
    }

    public function entry(): array
    {
        return ['type' => 'test', 'target' => $this->gate, 'field' => 'gate', 'value' => $this->expect];
    }
}
