<?php

declare(strict_types=1);

namespace Chiralex\Bom;

/** Who brings a part, and whether it is fitted at all. */
enum Provision: string
{
    case Kit = 'kit';
    case Optional = 'optional';
    case Alternative = 'alternative';
    case NotFitted = 'not-fitted';
    case Factory = 'factory';
    case Builder = 'builder';
    case Loose = 'loose';

    /** True when the builder fits it. */
    public function isBuilt(): bool
    {
        return match ($this) {
            self::Kit, self::Optional, self::Builder => true,
            self::Alternative, self::NotFitted, self::Factory, self::Loose => false,
        };
    }

    /** True when it sits on the finished board. */
    public function isOnBoard(): bool
    {
        return $this->isBuilt() || $this === self::Factory;
    }

    public static function read(string $text): ?self
    {
        $text = strtolower(trim($text));

        return match (true) {
            preg_match(
                '~^(dnp|dni|dnf|dns|nf|n/?f|do not (populate|fit|install|stuff)|not fitted|no(t)?[- ]?stuff|not mounted|nicht best(ü|ue)ckt|unpopulated)$~u',
                $text,
            ) === 1
                => self::NotFitted,
            preg_match('~^(builder|customer|not supplied|by the builder|user)$~', $text) === 1 => self::Builder,
            default => self::tryFrom($text),
        };
    }
}
