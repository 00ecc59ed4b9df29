<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What is chosen of a kit's options, as text: `box=drilled;power=jack`; what is not named is the default. */
final readonly class OptionChoice
{
    /** @return array<string, string> option to value; pairs that are none are left out */
    public static function parse(string $text): array
    {
        $chosen = [];
        foreach (explode(';', $text) as $pair) {
            $parts = explode('=', $pair, 2);
            if (count($parts) === 2 && trim($parts[0]) !== '') {
                $chosen[trim($parts[0])] = trim($parts[1]);
            }
        }
        ksort($chosen);

        return $chosen;
    }

    /** The same text whatever its order and its blanks: `Power = jack; box=drilled` is `Power=jack;box=drilled`. */
    public static function plain(string $text): string
    {
        $pairs = self::parse($text);

        return implode(
            ';',
            array_map(static fn(string $name, string $value): string => "{$name}={$value}", array_keys($pairs), $pairs),
        );
    }

    /**
     * One text for one choice: sorted by option, defaults left out.
     *
     * @param list<Option> $options
     * @param array<string, string> $chosen
     */
    public static function text(array $options, array $chosen): string
    {
        $pairs = [];
        foreach ($options as $option) {
            $value = $chosen[$option->name] ?? $option->default;
            if ($value !== $option->default && isset($option->values[$value])) {
                $pairs[$option->name] = "{$option->name}={$value}";
            }
        }
        ksort($pairs);

        return implode(';', $pairs);
    }

    /**
     * @param list<Option> $options
     * @return list<string> every choice there is, the default first
     */
    public static function all(array $options): array
    {
        $choices = [[]];
        foreach ($options as $option) {
            $values = [
                $option->default,
                ...array_diff(array_map(strval(...), array_keys($option->values)), [$option->default]),
            ];
            $choices = array_merge(
                ...array_map(
                    static fn(string $value): array => array_map(
                        static fn(array $chosen): array => $chosen + [$option->name => $value],
                        $choices,
                    ),
                    $values,
                ),
            );
        }

        return array_map(static fn(array $chosen): string => self::text($options, $chosen), $choices);
    }
}
