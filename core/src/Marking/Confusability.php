<?php

declare(strict_types=1);

namespace Chiralex\Marking;

use Chiralex\Part\Kinds;
use Chiralex\Part\Role;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** Compares the looks of two parts. The degrees are common practice at the bench, no source. */
final readonly class Confusability
{
    public function compare(Look $a, Look $b): Confusion
    {
        if ($a->kind === $b->kind && $a->value === $b->value) {
            return $this->of(0.0, $a->body === $b->body ? 'alike.same-part' : 'alike.two-ratings');
        }
        if ($a->body !== $b->body) {
            return $this->of(0.0, 'alike.other-body');
        }
        if ($a->bands !== [] && $b->bands !== []) {
            return $this->bands($a->bands, $b->bands);
        }
        if (self::is($a, Role::Lens) && self::is($b, Role::Lens)) {
            return $a->clear && $b->clear ? $this->of(0.9, 'alike.clear-body') : $this->of(0.2, 'alike.other-colour');
        }
        if (self::is($a, Role::SmallPrint) && self::is($b, Role::SmallPrint)) {
            return $this->of(0.9, 'alike.same-body');
        }

        return $this->codes($a->code ?? '', $b->code ?? '');
    }

    /** Looks of one body that share this class are all alike: a clear lens hides the colour, a small print is not read; null: no such class. */
    public static function wholeClass(Look $look): ?string
    {
        return match (true) {
            $look->bands !== [] => null,
            self::is($look, Role::Lens) => $look->clear ? 'alike.clear-body' : null,
            self::is($look, Role::SmallPrint) => 'alike.same-body',
            default => null,
        };
    }

    /** True where nothing but a printed code tells the part from others of its body. */
    public static function byCodeAlone(Look $look): bool
    {
        return $look->bands === [] &&
            ($look->code ?? '') !== '' &&
            !self::is($look, Role::Lens) &&
            !self::is($look, Role::SmallPrint);
    }

    private static function is(Look $look, Role $role): bool
    {
        return Kinds::of($look->kind)->is($role);
    }

    /**
     * @param list<Colour> $a
     * @param list<Colour> $b
     */
    private function bands(array $a, array $b): Confusion
    {
        if (count($a) !== count($b)) {
            return $this->of(0.2, 'alike.band-count');
        }
        if (array_reverse($a) === $b) {
            return $this->of(0.9, 'alike.reversed');
        }
        $differ = $near = 0;
        foreach ($a as $index => $colour) {
            $other = $b[$index] ?? $colour;
            $differ += $colour === $other ? 0 : 1;
            $near += $colour->looksLike($other) ? 1 : 0;
        }

        return match (true) {
            $differ === 1 && $near === 1 => $this->of(0.8, 'alike.warm-light'),
            $differ === 2 && $near === 2 => $this->of(0.6, 'alike.warm-light'),
            $differ === 2 && self::sorted($a) === self::sorted($b) => $this->of(0.6, 'alike.swapped'),
            $differ === 1 => $this->of(0.4, 'alike.one-band'),
            default => $this->of(0.1, 'alike.bands-differ'),
        };
    }

    /**
     * @param list<Colour> $colours
     * @return list<string>
     */
    private static function sorted(array $colours): array
    {
        $words = array_map(static fn(Colour $colour): string => $colour->value, $colours);
        sort($words);

        return $words;
    }

    private function codes(string $a, string $b): Confusion
    {
        if ($a === '' || $b === '' || strlen($a) !== strlen($b)) {
            return $this->of($a === '' && $b === '' ? 0.3 : 0.1, 'alike.other-print');
        }
        $differ = 0;
        for ($i = 0; $i < strlen($a); ++$i) {
            $differ += $a[$i] === $b[$i] ? 0 : 1;
        }

        return match (true) {
            $differ === 2 && count_chars($a) === count_chars($b) => $this->of(0.7, 'alike.digit-swap'),
            $differ === 1 => $this->of(0.6, 'alike.one-digit'),
            default => $this->of(0.2, 'alike.other-print'),
        };
    }

    private function of(float $degree, string $code): Confusion
    {
        return new Confusion($degree, new Reason($code, [], Origin::CommonPractice));
    }
}
