<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;

/** The kinds of edits, as they are called where they are written down. */
enum EditKind: string
{
    case Line = 'line';
    case Cell = 'cell';
    case Column = 'column';
    case Setting = 'setting';
    case Board = 'board';
    case Order = 'order';
    case Words = 'words';
    case Bag = 'bag';
    case Test = 'test';
    case Hazard = 'hazard';
    case Block = 'block';
    case Fact = 'fact';
    case TakeBack = 'take-back';
    case Row = 'row';
    case FirstKit = 'first-kit';
    case FileRole = 'file-role';
    case SideWord = 'side-word';
    case OldText = 'old-text';
    case Pilot = 'pilot';
    case Masses = 'masses';
    case File = 'file';

    /**
     * Reads an edit as somebody sends it or a log keeps it.
     *
     * @param string $target designator, record number, column number from 0, board, test, hazard, block or file
     * @param string $field what of it
     * @param mixed $value null takes the field away
     * @throws UnusableEdit when this kind takes no such field or value; it tells which
     */
    public function read(string $target, string $field, mixed $value): Edit
    {
        return match ($this) {
            self::Line => LineEdit::read($target, $field, $value),
            self::Cell => CellEdit::read($target, $field, $value),
            self::Column => ColumnEdit::read($target, $value, $field),
            self::Setting => SettingEdit::read($field, $value),
            self::Board => BoardEdit::read($target, $field, $value),
            self::Test => $field === 'gate' ? GateEdit::read($target, $value) : TestEdit::read($target, $field, $value),
            self::Pilot => PilotEdit::read($target, $field, $value),
            default => $this->readWhole($target, $value),
        };
    }

    /**
     * Kinds that change their target as a whole.
     *
     * @throws UnusableEdit
     */
    private function readWhole(string $target, mixed $value): Edit
    {
        return match ($this) {
            self::Order => OrderEdit::read($value),
            self::Words => WordsEdit::read($target, $value),
            self::Bag => BagEdit::read($target, $value),
            self::Hazard => HazardEdit::read($target, $value),
            self::Block => BlockEdit::read($target, $value),
            self::Fact => FactEdit::read($target, $value),
            self::TakeBack => TakeBackEdit::read($target, $value),
            self::Row => RowEdit::read($target, $value),
            self::FirstKit => FirstKitEdit::read($target, $value),
            self::FileRole => FileRoleEdit::read($target, $value),
            self::SideWord => SideWordEdit::read($target, $value),
            self::OldText => OldTextEdit::read($target, $value),
            self::Masses => MassesEdit::read($value),
            default => FileEdit::read($target, $value),
        };
    }
}
