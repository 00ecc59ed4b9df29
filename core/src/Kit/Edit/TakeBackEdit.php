<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Reason\Reason;

/**
 * Takes one rule of the order back that the maker said: a part out of the needs of a gate, an order of two parts. What else the
 * fact says stays.
 */
final readonly class TakeBackEdit implements Edit
{
    private const BEFORE = 'order.maker-before';
    /** Code of the rule to the fact that says it, how its rows are told apart, and the list (or word) in the row that says it. */
    private const SAID = [
        'order.gate-needs' => ['gates', 'name', 'gate', 'needs', 'part'],
        'order.gate-protects' => ['gates', 'name', 'gate', 'protects', 'part'],
        'order.gate-early' => ['gates', 'name', 'gate', 'early', ''],
        'order.fixing' => ['groups.fixings', 'by', 'by', 'holds', 'holds'],
        'order.joint-before-cover' => ['groups.covers', 'by', 'cover', 'over', 'part'],
        'order.adjust-before-cover' => ['groups.covers', 'by', 'cover', 'over', 'part'],
        'order.ic-before-cover' => ['groups.covers', 'by', 'cover', 'over', 'part'],
    ];

    /** @param array<string, string> $names what the rule names: part, gate, cover, first, then */
    private function __construct(public string $code, public array $names) {}

    /** @return ?self null where the rule is nothing that the maker said */
    public static function of(Reason $rule): ?self
    {
        return $rule->code === self::BEFORE || isset(self::SAID[$rule->code])
            ? new self($rule->code, array_filter($rule->args, is_string(...)))
            : null;
    }

    /** @throws UnusableEdit when no such rule can be taken back */
    public static function read(string $code, mixed $names): self
    {
        $known = [self::BEFORE, ...array_keys(self::SAID)];
        if (!in_array($code, $known, true)) {
            throw UnusableEdit::unknown('rule to take back', $code, $known);
        }
        $read = [];
        foreach (is_array($names) ? $names : [] as $key => $name) {
            if (is_string($name)) {
                $read[(string) $key] = $name;
            }
        }

        return new self($code, $read);
    }

    public function on(Folder $folder): Edited
    {
        $facts = $folder->facts();
        $fact = $this->code === self::BEFORE ? 'groups.before' : self::SAID[$this->code][0];
        $rows = is_array($facts[$fact] ?? null) ? $facts[$fact] : [];
        $left = array_filter(array_map($this->without(...), $rows), static fn(?array $row): bool => $row !== null);

        if ($left === $rows) {
            throw UnusableEdit::saidNowhere();
        }

        return FactEdit::read($fact, array_values($left))->on($folder);
    }

    public function entry(): array
    {
        return ['type' => 'take-back', 'target' => $this->code, 'field' => '', 'value' => $this->names];
    }

    /**
     * A row of the fact without what the rule says; null where nothing of it is left.
     *
     * @return ?array<array-key, mixed>
     */
    private function without(mixed $row): ?array
    {
        if (!is_array($row)) {
            return null;
        }
        if ($this->code === self::BEFORE) {
            return $row === [$this->name('first'), $this->name('then')] ? null : $row;
        }
        [, $by, $named, $list, $what] = self::SAID[$this->code];
        if (($row[$by] ?? null) !== $this->name($named)) {
            return $row;
        }
        $left =
            is_array($row[$list] ?? null) && $what !== ''
                ? array_values(array_diff(array_filter($row[$list], is_string(...)), [$this->name($what)]))
                : [];
        if ($left !== []) {
            return [$list => $left] + $row;
        }
        unset($row[$list]);

        // A gate stands without needs; a cover over nothing is none.
        return $by === 'name' ? $row : null;
    }

    private function name(string $which): string
    {
        return $this->names[$which] ?? '';
    }
}
