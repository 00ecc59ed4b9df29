<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Export\ExportKind;
use App\Models\Lot;
use App\Models\Order;
use App\Models\Revision;
use App\Models\Run;
use App\Models\Shop;
use App\Models\Unit;
use App\Queries\Buying\Purchases;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** Something to print: what, of what, on which paper. */
final class ExportRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'kind' => ['required', Rule::enum(ExportKind::class)],
            'subject' => ['required', 'integer', 'min:1'],
            'paper' => ['sometimes', 'in:A4,Letter,roll'],
            'options' => ['nullable', 'string', 'max:200'],
            'kits' => ['sometimes', 'integer', 'between:1,5000'],
            'piece' => ['required_if:kind,bag-label,kit-label', 'nullable', 'string', 'max:40'],
        ];
    }

    public function kind(): ExportKind
    {
        return ExportKind::from((string) $this->string('kind'));
    }

    /** For how many kits, where that matters. */
    public function kits(): int
    {
        return max(1, $this->integer('kits', 1));
    }

    /** Which one, where a single label is printed: the name of a bag, or a serial number. */
    public function piece(): string
    {
        return (string) $this->string('piece');
    }

    /** @return list<mixed> names of the bags of the run that a label is asked of */
    private function bagsOfRun(): array
    {
        return array_column(Run::query()->find($this->integer('subject'))->lines ?? [], 'bag');
    }

    public function paper(): string
    {
        if ($this->kind()->isOneLabel()) {
            return 'roll';
        }
        $asked = $this->string('paper')->toString();

        return $asked === '' ? Shop::ours()->paper : $asked;
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $exists = match (ExportKind::tryFrom((string) $this->string('kind'))) {
                    ExportKind::Manual,
                    ExportKind::Booklet,
                    ExportKind::BeforeYouBuy,
                    ExportKind::CalloutSheet,
                    ExportKind::SortingMat,
                    ExportKind::DrillingTemplate,
                    ExportKind::SafetyFile,
                    ExportKind::BoardOverlay,
                    ExportKind::CutSheet,
                    ExportKind::BagLabels,
                    ExportKind::TickList,
                    ExportKind::TeacherSheet,
                    ExportKind::DifferenceSlip
                        => Revision::query()->where('id', $this->integer('subject'))->exists(),
                    ExportKind::KitLabels => Run::query()->where('id', $this->integer('subject'))->exists(),
                    ExportKind::BagLabel => in_array($this->piece(), $this->bagsOfRun(), true),
                    ExportKind::KitLabel => Unit::query()
                        ->where('run_id', $this->integer('subject'))
                        ->where('serial', $this->piece())
                        ->exists(),
                    ExportKind::PackingSlip, ExportKind::CustomsLines => Order::query()
                        ->whereKey($this->integer('subject'))
                        ->exists(),
                    ExportKind::PurchaseOrder => Purchases::has($this->integer('subject')),
                    ExportKind::LotSlip => Lot::query()->whereKey($this->integer('subject'))->exists(),
                    ExportKind::TapeRuler, null => true,
                };
                $isLabel = in_array($this->input('kind'), ['bag-labels', 'kit-labels'], true);
                if ($this->input('paper') === 'roll' && !$isLabel) {
                    $validator->errors()->add('paper', 'Only labels are printed on a roll; choose A4 or Letter.');
                }
                if (!$exists) {
                    $validator
                        ->errors()
                        ->add('subject', 'There is nothing with that number to print; reload the page.');
                }
            },
        ];
    }
}
