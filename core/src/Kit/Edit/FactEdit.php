<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;

/**
 * A fact of the kit as a whole, or a list of them, that has no edit of its own: its name, its supply, what holds what.
 *
 * @phpstan-import-type Node from \Chiralex\Kit\Internal\KitTree
 */
final readonly class FactEdit implements Edit
{
    /** What can be said this way, as paths of the kit file. */
    public const FACTS = [
        ...[
            'name',
            'code',
            'revision',
            'supply',
            'options',
            'gates',
            'wires',
            'nets',
            'cuts',
            'drilling',
            'stock',
            'windings',
            'boards',
            'symptoms',
            'feeds',
            'photos',
        ],
        ...['groups.sockets', 'groups.mates', 'groups.before', 'groups.subassembly', 'groups.fixings'],
        ...['groups.block', 'groups.panels', 'groups.covers', 'groups.cures', 'groups.snapOff', 'groups.selected'],
    ];

    /** @param Node $value null says it no more */
    private function __construct(public string $fact, public array|string|int|float|bool|null $value) {}

    /** @throws UnusableEdit when there is no such fact, or it cannot be this */
    public static function read(string $fact, mixed $value): self
    {
        if (!in_array($fact, self::FACTS, true)) {
            throw UnusableEdit::unknown('fact of the kit', $fact, self::FACTS);
        }
        $value = $value === [] || $value === '' ? null : $value;

        return new self($fact, EditValue::at(explode('.', $fact), $fact, $value));
    }

    public function on(Folder $folder): Edited
    {
        $path = explode('.', $this->fact);
        $inverse = new self($this->fact, $folder->fact($this->fact));
        // One board and several are said in two places; the one that is not said any more goes.
        $tree = $this->fact === 'boards' ? $folder->tree()->without(['board']) : $folder->tree();

        return new Edited(
            $folder->withTree($this->value === null ? $tree->without($path) : $tree->with($path, $this->value)),
            $inverse,
        );
    }

    public function entry(): array
    {
        return ['type' => 'fact', 'target' => $this->fact, 'field' => '', 'value' => $this->value];
    }
}
