<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;
use Chiralex\Kit\Internal\KitTree;

/**
 * A test of the bench: new, changed, put back as it was, or taken out.
 *
 * @phpstan-import-type Node from KitTree
 */
final readonly class TestEdit implements Edit
{
    private const LONGEST = 120;

    /**
     * @param string $name of the test as it stands, empty for a new one
     * @param string $field `` lays the fields over the test, `whole` replaces it, a number puts a new one there, from 0
     * @param ?array<array-key, mixed> $fields fields that are null take their default again; null takes the test out
     */
    private function __construct(public string $name, public string $field, public ?array $fields) {}

    /** @throws UnusableEdit when a test has no such fields */
    public static function read(string $name, string $field, mixed $fields): self
    {
        if ($fields !== null && (!is_array($fields) || ($fields !== [] && array_is_list($fields)))) {
            throw UnusableEdit::value('a test', 'its fields with their values');
        }
        if (preg_match('~^(|whole|\d{1,6})$~', $field) !== 1) {
            throw UnusableEdit::unknown('way to change a test', $field, ['gate', 'whole']);
        }
        $filled = array_filter($fields ?? [], static fn(mixed $each): bool => $each !== null);
        EditValue::at(['tests', '*'], $name === '' ? 'the test' : "test {$name}", $filled);

        return new self(trim($name), $field, $fields);
    }

    public function on(Folder $folder): Edited
    {
        $tree = $folder->tree();
        $tests = $tree->list(['tests']);
        $names = array_map(self::nameOf(...), $tests);
        $at = $this->name === '' ? null : $this->index($names);
        $test = $this->laidOver($at === null ? [] : $tests[$at]);
        $name = $test === null ? '' : $this->freeName($test, $names);
        if ($at === null) {
            array_splice($tests, is_numeric($this->field) ? (int) $this->field : count($tests), 0, [$test]);
            $inverse = new self($name, '', null);
        } elseif ($test === null) {
            $inverse = new self('', (string) $at, self::fields($tests[$at]));
            array_splice($tests, $at, 1);
        } else {
            $inverse = new self($name, 'whole', self::fields($tests[$at]));
            $tests[$at] = $test;
        }

        return new Edited(
            $folder->withTree($tests === [] ? $tree->without(['tests']) : $tree->with(['tests'], $tests)),
            $inverse,
        );
    }

    public function entry(): array
    {
        return ['type' => 'test', 'target' => $this->name, 'field' => $this->field, 'value' => $this->fields];
    }

    /**
     * @param list<string> $names
     * @throws UnusableEdit when there is none, or several
     */
    private function index(array $names): int
    {
        $found = array_keys($names, $this->name, true);
        if (count($found) > 1) {
            throw UnusableEdit::severalOfOneName('test', $this->name);
        }

        return $found[0] ?? throw UnusableEdit::unknown('test', $this->name, $names);
    }

    /** @return ?array<array-key, mixed> */
    private function laidOver(mixed $before): ?array
    {
        if ($this->fields === null) {
            return null;
        }
        $fields = $this->fields + ($this->field === '' ? self::fields($before) : []);

        // A field that was emptied takes its default again.
        return array_filter($fields, static fn(mixed $each): bool => $each !== null);
    }

    /**
     * @param array<array-key, mixed> $test
     * @param list<string> $names
     * @throws UnusableEdit when it has no name, or that of another
     */
    private function freeName(array $test, array $names): string
    {
        $name = self::nameOf($test);
        if ($name === '') {
            throw UnusableEdit::noName('test', self::LONGEST);
        }
        if ($name !== $this->name && in_array($name, $names, true)) {
            throw UnusableEdit::nameTaken('test', $name);
        }

        return $name;
    }

    private static function nameOf(mixed $test): string
    {
        $name = self::fields($test)['name'] ?? '';

        return is_string($name) ? trim($name) : '';
    }

    /** @return array<array-key, mixed> */
    private static function fields(mixed $test): array
    {
        return is_array($test) ? $test : [];
    }
}
