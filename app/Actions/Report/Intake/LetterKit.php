<?php

declare(strict_types=1);

namespace App\Actions\Report\Intake;

use App\Models\Release;
use App\Models\Unit;
use App\Queries\Report\OurSerials;
use App\Support\Row;
use Chiralex\Fault\Letter\ReportBlock;
use Chiralex\Trade\SerialsIn;
use ChiralexAdapters\Mail\ReadMail;
use Illuminate\Support\Facades\DB;

/**
 * Which kit a letter is about: by a serial of ours, by the prepared block, else by the only kit whose name it says, which is a guess and is
 * marked as one.
 *
 * @phpstan-type Flag array<string, string>
 */
final readonly class LetterKit
{
    public function __construct(private OurSerials $serials) {}

    /** @return array{unit: ?Unit, release: ?int, serial: string} */
    public function of(ReadMail $mail, string $said): array
    {
        $serials = $this->named($mail, $said);
        foreach ($serials as $serial) {
            $unit = $this->serials->unit($serial);
            if ($unit !== null) {
                return ['unit' => $unit, 'release' => $unit->release_id, 'serial' => $unit->serial];
            }
        }
        $block = ReportBlock::in($mail->text);

        return [
            'unit' => null,
            'release' =>
                $this->release($block?->field('kit') ?? '', $block?->field('revision') ?? '') ??
                $this->guessed("{$mail->subject()} {$said}"),
            'serial' => $serials[0] ?? '',
        ];
    }

    /** @return list<Flag> what of it a person should look at */
    public function flags(ReadMail $mail, string $said): array
    {
        $named = $this->named($mail, $said);
        $ours = array_values(array_filter(array_map($this->serials->unit(...), $named)));
        $flags = [];
        foreach ($ours as $unit) {
            if (self::whereabouts($unit) !== 'shipped') {
                $flags[] = ['code' => 'not-shipped', 'serial' => $unit->serial];
            }
        }
        if (count($ours) > 1) {
            $flags[] = [
                'code' => 'several-serials',
                'serials' => implode(', ', array_map(static fn(Unit $unit): string => $unit->serial, $ours)),
            ];
        }
        if ($named !== [] && $ours === []) {
            $flags[] = [
                'code' => 'serial-unknown',
                'serial' => $named[0],
                'near' => implode(', ', $this->serials->near($named[0])),
            ];
        }
        $block = ReportBlock::in($mail->text);
        $isGuess =
            $ours === [] && $this->release($block?->field('kit') ?? '', $block?->field('revision') ?? '') === null;

        return $isGuess && $this->guessed("{$mail->subject()} {$said}") !== null
            ? [...$flags, ['code' => 'kit-guessed']]
            : $flags;
    }

    public static function whereabouts(Unit $unit): string
    {
        $entry = DB::table('unit_states')->where('unit_id', $unit->id)->value('entry');

        return is_string($entry) ? $entry : '';
    }

    /** @return list<string> the block's first, then what stands in the words */
    private function named(ReadMail $mail, string $said): array
    {
        $found = SerialsIn::text("{$mail->subject()}\n{$said}");
        $block = ReportBlock::in($mail->text)?->field('serial') ?? '';

        return array_values(array_unique(array_diff([$block, ...$found->valid, ...$found->wrong], [''])));
    }

    public function release(string $kit, string $revision): ?int
    {
        return $kit === ''
            ? null
            : Release::query()
                ->whereHas(
                    'revision',
                    static fn($of) => $of
                        ->when($revision !== '', static fn($named) => $named->where('name', $revision))
                        ->whereHas(
                            'kit',
                            static fn($named) => $named->whereRaw('lower(name) = ?', [mb_strtolower($kit)]),
                        ),
                )
                ->orderByDesc('id')
                ->first()?->id;
    }

    /** The newest release of the only kit whose name stands in a text. */
    private function guessed(string $text): ?int
    {
        $plain = mb_strtolower((string) preg_replace('~\s+~u', ' ', $text));
        $kits = array_values(
            array_filter(
                Row::all(
                    DB::table('kits')
                        ->join('revisions', 'kit_id', '=', 'kits.id')
                        ->join('releases', 'revision_id', '=', 'revisions.id')
                        ->groupBy('kits.name')
                        ->selectRaw('kits.name, max(releases.id) as release'),
                ),
                static fn(Row $row): bool => preg_match(
                    '~(?<!\pL)' . preg_quote(mb_strtolower($row->text('name')), '~') . '(?!\pL)~u',
                    $plain,
                ) === 1,
            ),
        );

        return count($kits) === 1 ? $kits[0]->int('release') : null;
    }
}
