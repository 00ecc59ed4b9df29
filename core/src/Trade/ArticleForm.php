<?php

declare(strict_types=1);

namespace Chiralex\Trade;

/** What an article is: packed kits are followed by serial number, goods are made of parts in stock and counted. */
enum ArticleForm: string
{
    case Kit = 'kit';
    case ClassPack = 'class';
    case Board = 'board';
    case Case = 'case';
    case Spare = 'spare';
    case Parcel = 'parcel';

    public function isGoods(): bool
    {
        return match ($this) {
            self::Kit, self::ClassPack => false,
            self::Board, self::Case, self::Spare, self::Parcel => true,
        };
    }

    /** @return list<string> the words of all that is made of parts and counted */
    public static function goods(): array
    {
        return array_values(
            array_map(
                static fn(self $form): string => $form->value,
                array_filter(self::cases(), static fn(self $form): bool => $form->isGoods()),
            ),
        );
    }
}
