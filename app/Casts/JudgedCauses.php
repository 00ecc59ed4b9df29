<?php

declare(strict_types=1);

namespace App\Casts;

use Chiralex\Fault\Cause;
use Chiralex\Fault\FaultOrigin;
use Chiralex\Fault\JudgedCause;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * Causes of a report as the database has them: a list of cause, part and origin.
 *
 * @implements CastsAttributes<list<JudgedCause>, list<JudgedCause>>
 */
final readonly class JudgedCauses implements CastsAttributes
{
    /**
     * @param array<string, mixed> $attributes
     * @return list<JudgedCause>
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        return self::read(is_string($value) ? $value : '[]');
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        $rows = array_map(
            static fn(JudgedCause $each): array => [
                'cause' => $each->cause->value,
                'part' => $each->part,
                'origin' => $each->origin->value,
            ],
            is_array($value) ? $value : [],
        );

        return json_encode($rows, JSON_THROW_ON_ERROR);
    }

    /** @return list<JudgedCause> */
    public static function read(string $json): array
    {
        /** @var list<array{cause: string, part: string, origin: string}> $rows as `set` writes them */
        $rows = (array) json_decode($json, true);

        return array_map(
            static fn(array $row): JudgedCause => new JudgedCause(
                Cause::from($row['cause']),
                $row['part'],
                FaultOrigin::from($row['origin']),
            ),
            $rows,
        );
    }
}
