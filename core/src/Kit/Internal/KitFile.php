<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Board\Side;
use Chiralex\Kit\Alloy;
use Chiralex\Kit\BenchSettings;
use Chiralex\Kit\Circuit;
use Chiralex\Kit\Data\KitSchema;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\FirstKit;
use Chiralex\Kit\Gate;
use Chiralex\Kit\Groups;
use Chiralex\Kit\Hazard;
use Chiralex\Kit\LengthUnit;
use Chiralex\Kit\Option;
use Chiralex\Kit\OrderOverride;
use Chiralex\Kit\OwnSymptom;
use Chiralex\Kit\PageSettings;
use Chiralex\Kit\PaperSize;
use Chiralex\Kit\PowerSupply;
use Chiralex\Kit\School;
use Chiralex\Kit\Settings;
use Chiralex\Kit\Skill;
use Chiralex\Kit\SolderFrom;
use Chiralex\Kit\Sorting;
use Chiralex\Kit\StepPhoto;
use Chiralex\Kit\Test;
use Chiralex\Kit\Wire;
use Chiralex\Kit\Workholding;
use Chiralex\Kit\Workshop;
use Chiralex\Limits;
use JsonException;

/** kit.json, checked and turned into values. */
final readonly class KitFile
{
    /** What an option says beside its values. */
    private const NO_VALUES = ['default', 'prices'];

    private function __construct(private Json $json) {}

    /** @throws UnusableKit when it is no JSON, or holds an unknown field or a wrong type */
    public static function read(?string $bytes): self
    {
        return new self(new Json($bytes === null ? [] : self::decoded($bytes)));
    }

    /**
     * @return array<array-key, mixed> as the schema has it
     * @throws UnusableKit when it is no JSON, or holds an unknown field or a wrong type
     */
    public static function decoded(string $bytes): array
    {
        if (str_starts_with($bytes, "\xEF\xBB\xBF")) {
            $bytes = substr($bytes, 3);
        }
        if (strlen($bytes) > Limits::KIT_FILE) {
            throw UnusableKit::tooLarge(strlen($bytes), Limits::KIT_FILE);
        }
        try {
            $data = json_decode($bytes, true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $fault) {
            throw UnusableKit::notJson(lcfirst($fault->getMessage()));
        }
        (new SchemaCheck())->check($data, KitSchema::root());

        return is_array($data) ? $data : [];
    }

    public function text(string $name, string $default): string
    {
        return $this->json->text($name, $default);
    }

    public function settings(): Settings
    {
        $s = $this->json->object('settings');

        // The schema has proven the words; a word of another time is the default.
        return new Settings(
            School::tryFrom($s->text('school')) ?? School::LowestFirst,
            max(1, $s->integer('group', 6)),
            Sorting::tryFrom($s->text('bagging')) ?? Sorting::ByKind,
            $s->integer('reading', 0),
            Skill::tryFrom($s->text('skill')) ?? Skill::Beginner,
            new BenchSettings(
                Alloy::tryFrom($s->text('alloy')) ?? Alloy::Leaded,
                Workholding::tryFrom($s->text('workholding')) ?? Workholding::Table,
                SolderFrom::tryFrom($s->text('solderFrom')) ?? SolderFrom::Back,
            ),
            new PageSettings(
                LengthUnit::tryFrom($s->text('units')) ?? LengthUnit::Millimetre,
                PaperSize::tryFrom($s->text('paper')) ?? PaperSize::A4,
                $s->text('language', 'en'),
                $s->flag('colour', true),
            ),
        );
    }

    public function boards(): BoardSection
    {
        return new BoardSection($this->json, $this->settings()->turn);
    }

    public function groups(): Groups
    {
        return (new GroupSection($this->json->object('groups')))->groups();
    }

    /**
     * @param array<string, string> $chosen option to value
     * @return list<Gate>
     */
    public function gates(array $chosen): array
    {
        return (new WorkSection($this->json, $chosen))->gates();
    }

    /**
     * @param array<string, string> $chosen
     * @return list<Test>
     */
    public function tests(array $chosen): array
    {
        return (new WorkSection($this->json, $chosen))->tests();
    }

    /**
     * @param array<string, string> $chosen
     * @return list<Wire>
     */
    public function wires(array $chosen): array
    {
        return (new WorkSection($this->json, $chosen))->wires();
    }

    /**
     * @param array<string, string> $chosen as asked for
     * @return array<string, string> every option with its value
     * @throws UnusableKit when an option or a value is not declared
     */
    public function options(array $chosen): array
    {
        $declared = $this->json->map('options');
        $all = [];
        foreach ($declared as $name => $option) {
            $all[$name] = $option->text('default', array_values(array_diff($option->keys(), self::NO_VALUES))[0] ?? '');
        }
        foreach ($chosen as $name => $value) {
            if (
                !isset($declared[$name]) ||
                !$declared[$name]->names($value) ||
                in_array($value, self::NO_VALUES, true)
            ) {
                throw UnusableKit::unknownOption("{$name}={$value}", implode(', ', array_keys($declared)));
            }
            $all[$name] = $value;
        }

        return $all;
    }

    /**
     * @param array<string, string> $chosen every option with its value
     * @return list<Option>
     */
    public function choices(array $chosen): array
    {
        $options = [];
        foreach ($this->json->map('options') as $name => $option) {
            $values = [];
            foreach (array_diff($option->keys(), self::NO_VALUES) as $value) {
                $values[$value] = $option->texts($value);
            }
            if ($values !== []) {
                $first = array_key_first($values);
                $options[] = new Option(
                    $name,
                    $values,
                    $option->text('default', $first),
                    $chosen[$name] ?? $first,
                    $option->textMap('prices'),
                );
            }
        }

        return $options;
    }

    /** What kit.json declares the kit to run from; a single voltage is least and most. */
    public function power(): ?PowerSupply
    {
        $supply = $this->json->object('supply');
        $volts = $supply->numbers('volts');
        $single = $supply->number('volts');
        $volts = $single === null ? $volts : [$single];

        return $volts === []
            ? null
            : new PowerSupply(
                min($volts),
                max($volts),
                $supply->number('amps'),
                $supply->text('current', 'dc') === 'ac',
                $supply->number('idle'),
            );
    }

    /**
     * @param array<string, string> $chosen
     * @return list<string> designators of the values not chosen
     */
    public function leftOut(array $chosen): array
    {
        $in = $out = [];
        foreach ($this->json->map('options') as $name => $option) {
            foreach ($option->keys() as $value) {
                if ($value === 'default') {
                    continue;
                }
                if ($value === ($chosen[$name] ?? '')) {
                    array_push($in, ...$option->texts($value));
                } else {
                    array_push($out, ...$option->texts($value));
                }
            }
        }

        return array_values(array_diff($out, $in));
    }

    /** @return array<string, Json> */
    public function lines(): array
    {
        return $this->json->map('lines');
    }

    /** @return array<array-key, float> designator to the share of its pieces that are lost or faulty */
    public function losses(): array
    {
        return array_filter(
            array_map(static fn(Json $line): ?float => $line->number('loss'), $this->lines()),
            static fn(?float $loss): bool => $loss !== null,
        );
    }

    /** @return list<OrderOverride> */
    public function orderOverrides(): array
    {
        return array_map(
            static fn(Json $each): OrderOverride => new OrderOverride(
                $each->texts('parts'),
                $each->texts('after'),
                $each->flag('sameStep', false),
            ),
            $this->json->object('overrides')->objects('order'),
        );
    }

    /** @return array<string, string> designator to bag */
    public function bagOverrides(): array
    {
        $bags = [];
        foreach ($this->json->object('overrides')->objects('bags') as $each) {
            $bags[$each->text('part')] = $each->text('bag');
        }

        return $bags;
    }

    /** @return array<string, string> */
    public function words(): array
    {
        return $this->json->object('overrides')->textMap('words');
    }

    /** @return list<Hazard> */
    public function hazards(): array
    {
        return array_map(Hazard::from(...), $this->json->texts('traits'));
    }

    public function circuit(): Circuit
    {
        $nets = $this->json->map('nets');
        $each = static fn(string $field): array => array_filter(
            array_map(static fn(Json $net): string => $net->text($field), $nets),
            static fn(string $text): bool => $text !== '',
        );

        return new Circuit($each('across'), $each('bleeder'), $each('clamps'), $each('drivenBy'));
    }

    /**
     * @param array<string, string> $files of the folder
     * @return list<StepPhoto>
     */
    public function photos(array $files): array
    {
        return array_map(static function (Json $photo) use ($files): StepPhoto {
            $size = $photo->numbers('outline');

            return new StepPhoto(
                $photo->text('file'),
                $photo->texts('at'),
                $photo->text('board', 'main'),
                Side::tryFrom($photo->text('side')) ?? Side::Top,
                $size[0] ?? 0.0,
                $size[1] ?? 0.0,
                $files[$photo->text('file')] ?? '',
                $photo->text('revision'),
            );
        }, $this->json->objects('photos'));
    }

    /** @return list<OwnSymptom> */
    public function symptoms(): array
    {
        return array_map(
            static fn(Json $each): OwnSymptom => new OwnSymptom($each->text('name'), $each->texts('blocks')),
            $this->json->objects('symptoms'),
        );
    }

    /** @return array<array-key, list<string>> */
    public function feeds(): array
    {
        return $this->json->textLists('feeds');
    }

    /**
     * @param array<string, string> $chosen option to value
     * @throws UnusableKit where a stock, a cut or a winding says no size
     */
    public function workshop(array $chosen): Workshop
    {
        return (new WorkSection($this->json, $chosen))->workshop();
    }

    /** @return array<string, string> hazard to why the kit has it not */
    public function ruledOut(): array
    {
        return $this->json->textMap('ruledOut');
    }

    /** @return array<string, string> file to role, as the maker says */
    public function roles(): array
    {
        return $this->json->textMap('files');
    }

    /** @return array<string, string> word of a placement file to side, as the maker says */
    public function sides(): array
    {
        return array_change_key_case($this->json->textMap('sides'));
    }

    /** @return list<string> paragraphs of old manuals that are done with */
    public function oldText(): array
    {
        return $this->json->texts('oldText');
    }

    public function firstKit(): FirstKit
    {
        $first = $this->json->object('firstKit');
        $off = [];
        foreach ($first->object('off')->keys() as $name) {
            $off[$name] = $first->object('off')->integer($name, 0);
        }

        return new FirstKit(
            $first->flag('done', false),
            array_filter($off, static fn(int $pieces): bool => $pieces !== 0),
        );
    }
}
