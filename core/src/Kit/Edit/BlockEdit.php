<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Bom\Designators;
use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;

/** Which parts belong to a block of the circuit. */
final readonly class BlockEdit implements Edit
{
    private const LONGEST = 60;

    /** @param ?list<string> $parts null takes the block out */
    private function __construct(public string $block, public ?array $parts) {}

    /**
     * @param mixed $parts as typed, `R1-R3, C1`, or as a list
     * @throws UnusableEdit when the block has no name, or something in the list is no designator
     */
    public static function read(string $block, mixed $parts): self
    {
        $block = trim($block);
        if ($block === '' || mb_strlen($block) > self::LONGEST) {
            throw UnusableEdit::noName('block', self::LONGEST);
        }
        if ($parts === null) {
            return new self($block, null);
        }
        $text = is_array($parts) ? implode(' ', array_filter($parts, is_string(...))) : $parts;
        $read = Designators::read(EditValue::text('the parts of a block', $text));
        foreach ($read->problems as $problem) {
            $told = $problem->args['text'] ?? null;
            throw UnusableEdit::noDesignator(is_string($told) ? $told : '');
        }

        return new self($block, array_values(array_unique($read->names)));
    }

    public function on(Folder $folder): Edited
    {
        $tree = $folder->tree();
        $path = ['groups', 'block', $this->block];
        $inverse = new self(
            $this->block,
            $tree->has($path) ? array_values(array_filter($tree->list($path), is_string(...))) : null,
        );

        return new Edited(
            $folder->withTree($this->parts === null ? $tree->without($path) : $tree->with($path, $this->parts)),
            $inverse,
        );
    }

    public function entry(): array
    {
        return ['type' => 'block', 'target' => $this->block, 'field' => '', 'value' => $this->parts];
    }
}
