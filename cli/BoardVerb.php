<?php

declare(strict_types=1);

namespace ChiralexCli;

use Chiralex\Board\Files\FolderReader;
use Chiralex\Board\Files\ReadFile;
use Chiralex\Board\Files\RoleFinder;
use Chiralex\ChiralexException;
use Chiralex\Kit\BoardReading;
use Chiralex\Kit\KitReader;
use Chiralex\Kit\RoleList;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use ChiralexRender\Document\BoardFilesDocument;
use ChiralexRender\Words;

/** `board`: what was made of every file of a folder, and what the files say of the boards. */
final readonly class BoardVerb
{
    private const USAGE = 'chiralex board FOLDER [--option NAME=VALUE]';

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile when nothing can be read
     * @throws ChiralexException when no file of the folder says anything
     */
    public function board(array $arguments): Outcome
    {
        $read = Arguments::parse($arguments, ['option'], self::USAGE);
        $all = (new KitFiles())->everything($read->only('board'));
        $files = (new FolderReader(new RoleFinder(RoleList::of($all['kit.json'] ?? null))))->read($all);
        $damage = RoleList::fault($all['kit.json'] ?? null);
        $folder = (new KitFiles())->fromPath($read->only('board'));
        $kit = $fault = null;
        try {
            $kit = (new KitReader())->read(
                $damage === null ? $folder : array_diff_key($folder, ['kit.json' => '']),
                $damage === null ? $read->options() : [],
            );
        } catch (ChiralexException $unread) {
            $fault = $unread;
        }
        if (array_filter($files, static fn(ReadFile $file): bool => $file->read !== []) === []) {
            throw $fault ?? UnusableFile::absent($read->only('board'));
        }

        return new Outcome(
            (new BoardFilesDocument(Words::english()))->of(
                $files,
                $kit->findings->drawn ?? BoardReading::alone($folder),
                $kit,
                $damage,
            ),
            $fault !== null ||
                $damage !== null ||
                array_filter($files, static fn(ReadFile $file): bool => $file->left !== []) !== [],
        );
    }
}
