<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\Internal\KitFile;

/** What the maker says that files are; nothing where the kit file cannot be read. */
final readonly class RoleList
{
    /** @return array<string, string> file to role */
    public static function of(?string $kitFile): array
    {
        try {
            return KitFile::read($kitFile)->roles();
        } catch (UnusableKit) {
            return [];
        }
    }

    /** Why the kit file cannot be read, null where it can. */
    public static function fault(?string $kitFile): ?string
    {
        try {
            KitFile::read($kitFile);

            return null;
        } catch (UnusableKit $fault) {
            return $fault->getMessage();
        }
    }
}
