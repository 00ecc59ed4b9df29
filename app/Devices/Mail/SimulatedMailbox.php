<?php

declare(strict_types=1);

namespace App\Devices\Mail;

/** The mailbox that ships: a folder, a letter a file. What was read is remembered beside it, nothing is deleted. */
final readonly class SimulatedMailbox implements Mailbox
{
    private const READ = '.read';

    public function __construct(private string $folder) {}

    public function read(callable $take): int
    {
        if (!is_dir($this->folder)) {
            return 0;
        }
        $names = array_map(basename(...), glob("{$this->folder}/*.eml") ?: []);
        sort($names);
        $known = array_flip(explode("\n", (string) @file_get_contents("{$this->folder}/" . self::READ)));
        $count = 0;
        foreach ($names as $name) {
            $bytes = isset($known[$name]) ? false : @file_get_contents("{$this->folder}/{$name}");
            if (is_string($bytes)) {
                $take($bytes);
                file_put_contents("{$this->folder}/" . self::READ, "{$name}\n", FILE_APPEND | LOCK_EX);
                ++$count;
            }
        }

        return $count;
    }

    /** A letter arrives. */
    public function put(string $bytes): void
    {
        if (!is_dir($this->folder)) {
            mkdir($this->folder, 0o770, true);
        }
        $name = sprintf('%s/%.6f-%s', $this->folder, microtime(true), bin2hex(random_bytes(4)));
        file_put_contents("{$name}.part", $bytes);
        rename("{$name}.part", "{$name}.eml");
    }
}
