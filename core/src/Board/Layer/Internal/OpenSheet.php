<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer\Internal;

use Chiralex\Board\Layer\LayerObject;

/** A block or a run of steps that is open: from which object on, and what becomes of them when it is closed. */
final readonly class OpenSheet
{
    /**
     * @param int $start number of objects before it
     * @param ?int $block number of the aperture that it makes; null for steps
     * @param float $right from column to column, millimetres
     * @param float $up from row to row
     * @param Placing $placing that of the file when it was opened
     */
    private function __construct(
        public int $start,
        public ?int $block,
        public int $columns,
        public int $rows,
        private float $right,
        private float $up,
        public Placing $placing,
    ) {}

    /** @return ?self null for a command that opens nothing */
    public static function of(Pen $pen, string $text, int $start): ?self
    {
        if (preg_match('~^ABD(\d{1,9})$~', $text, $found) === 1) {
            return new self($start, (int) $found[1], 1, 1, 0.0, 0.0, $pen->tool->placing);
        }
        if (preg_match('~^SRX(\d{1,6})(?:Y(\d{1,6}))?(?:I([\d.]+))?(?:J([\d.]+))?$~', $text, $found) !== 1) {
            return null;
        }
        $unit = $pen->scale->unit ?? Settings::INCH;

        return new self(
            $start,
            null,
            max(1, (int) $found[1]),
            max(1, (int) ($found[2] ?? 1)),
            (float) ($found[3] ?? 0) * $unit,
            (float) ($found[4] ?? 0) * $unit,
            $pen->tool->placing,
        );
    }

    /** Steps end where others begin too; a block only at its own end. */
    public function endsAt(string $text): bool
    {
        return $this->block === null ? str_starts_with($text, 'SR') || $text === 'AB' : $text === 'AB';
    }

    /**
     * @param list<LayerObject> $objects
     * @return list<LayerObject> column by column
     */
    public function repeated(array $objects): array
    {
        $all = [];
        for ($i = 0; $i < $this->columns; ++$i) {
            for ($j = 0; $j < $this->rows; ++$j) {
                foreach ($objects as $object) {
                    $all[] = $i + $j === 0 ? $object : $object->shifted($i * $this->right, $j * $this->up);
                }
            }
        }

        return $all;
    }
}
