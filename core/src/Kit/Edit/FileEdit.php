<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;

/** A file of the kit, put in or taken out. */
final readonly class FileEdit implements Edit
{
    /** @param ?string $bytes null takes the file out */
    public function __construct(public string $name, public ?string $bytes) {}

    /** @throws UnusableEdit when the value is no bytes */
    public static function read(string $name, mixed $bytes): self
    {
        return new self(
            $name,
            $bytes === null || is_string($bytes) ? $bytes : throw UnusableEdit::value($name, 'the bytes of a file'),
        );
    }

    public function on(Folder $folder): Edited
    {
        return new Edited(
            $folder->with($this->name, $this->bytes),
            new self($this->name, $folder->files[$this->name] ?? null),
        );
    }

    /** The value is the bytes themselves: who keeps a log keeps them elsewhere and writes down where. */
    public function entry(): array
    {
        return ['type' => 'file', 'target' => $this->name, 'field' => '', 'value' => $this->bytes];
    }
}
