<?php

declare(strict_types=1);

namespace Chiralex\Kit\Data;

use Chiralex\Board\Files\FileRole;
use Chiralex\Kit\Alloy;
use Chiralex\Kit\Hazard;
use Chiralex\Kit\LengthUnit;
use Chiralex\Kit\PaperSize;
use Chiralex\Kit\School;
use Chiralex\Kit\Skill;
use Chiralex\Kit\SolderFrom;
use Chiralex\Kit\Sorting;
use Chiralex\Kit\Waveform;
use Chiralex\Kit\Workholding;
use Chiralex\Part\Kind;
use Chiralex\Part\Mark;

/**
 * The fields of kit.json. A node is a type name, or an array with one key: `list`, `map`, `object`, `enum`, `nullable`, `any`
 * (one of several nodes), `pins`. Type names: `string`, `integer`, `number`, `boolean`, and for millimetres `place`, `size`, `length`;
 * `span` is a number above 0.
 */
final readonly class KitSchema
{
    private const NAMES = ['list' => 'string'];

    /** @return array<string, mixed> */
    public static function root(): array
    {
        return [
            'object' => [
                'format' => ['enum' => [1]],
                'code' => 'string',
                'name' => 'string',
                'revision' => 'string',
                'settings' => self::settings(),
                'board' => ['object' => self::board()],
                'boards' => [
                    'list' => [
                        'object' => self::board() + [
                            'name' => 'string',
                            'joined' => ['object' => ['to' => 'string', 'at' => ['list' => 'place']]],
                        ],
                    ],
                ],
                'supply' => [
                    'object' => [
                        'volts' => ['any' => ['number', ['list' => 'number']]],
                        'amps' => 'number',
                        'idle' => 'number',
                        'current' => ['enum' => ['dc', 'ac']],
                    ],
                ],
                'traits' => ['list' => ['enum' => array_column(Hazard::cases(), 'value')]],
                'ruledOut' => ['object' => array_fill_keys(array_column(Hazard::cases(), 'value'), 'string')],
                'files' => ['map' => ['enum' => array_column(FileRole::cases(), 'value')]],
                'sides' => ['map' => ['enum' => ['top', 'bottom']]],
                'oldText' => self::NAMES,
                'firstKit' => ['object' => ['done' => 'boolean', 'off' => ['map' => 'integer']]],
                'groups' => self::groups(),
                'gates' => [
                    'list' => [
                        'object' => [
                            'name' => 'string',
                            'needs' => self::NAMES,
                            'protects' => self::NAMES,
                            'expect' => 'string',
                            'early' => 'boolean',
                            'option' => 'string',
                            'temporary' => [
                                'list' => [
                                    'object' => [
                                        'link' => self::NAMES,
                                        'why' => 'string',
                                        'part' => 'string',
                                        'then' => ['enum' => ['solder', 'remove']],
                                    ],
                                ],
                            ],
                        ],
                    ],
                ],
                'tests' => [
                    'list' => [
                        'object' => [
                            'name' => 'string',
                            'gate' => ['nullable' => 'string'],
                            'power' => ['enum' => ['on', 'off']],
                            'instrument' => 'string',
                            'accuracy' => 'string',
                            'points' => self::NAMES,
                            'settings' => 'string',
                            'expect' => 'string',
                            'adjusts' => ['nullable' => 'string'],
                            'otherwise' => 'string',
                            'trace' => [
                                'object' => [
                                    'shape' => ['enum' => array_column(Waveform::cases(), 'value')],
                                    'low' => 'number',
                                    'high' => 'number',
                                    'duty' => 'number',
                                ],
                            ],
                            'option' => 'string',
                        ],
                    ],
                ],
                'symptoms' => ['list' => ['object' => ['name' => 'string', 'blocks' => self::NAMES]]],
                'feeds' => ['map' => self::NAMES],
                'photos' => [
                    'list' => [
                        'object' => [
                            'file' => 'string',
                            'at' => self::NAMES,
                            'board' => 'string',
                            'side' => ['enum' => ['top', 'bottom']],
                            'outline' => ['list' => 'size'],
                            'revision' => 'string',
                        ],
                    ],
                ],
                'wires' => [
                    'list' => [
                        'object' => [
                            'name' => 'string',
                            'from' => 'string',
                            'to' => 'string',
                            'mm' => 'length',
                            'colour' => 'string',
                            'stripped' => ['list' => 'size'],
                            'face' => ['enum' => ['top', 'bottom']],
                            'relief' => 'string',
                            'option' => 'string',
                        ],
                    ],
                ],
                'stock' => ['list' => ['object' => self::stock()]],
                'cuts' => [
                    'list' => ['object' => ['stock' => 'string', 'of' => self::NAMES, 'length' => 'span']],
                ],
                'windings' => ['list' => ['object' => self::winding()]],
                'nets' => [
                    'map' => [
                        'object' => [
                            'across' => 'string',
                            'bleeder' => 'string',
                            'clamps' => 'string',
                            'drivenBy' => 'string',
                        ],
                    ],
                ],
                'drilling' => [
                    'list' => [
                        'object' => [
                            'by' => 'string',
                            'face' => 'string',
                            'size' => ['list' => 'size'],
                            'option' => 'string',
                            'holes' => [
                                'list' => [
                                    'object' => [
                                        'for' => 'string',
                                        'at' => ['list' => 'place'],
                                        'diameter' => 'size',
                                        'stack' => self::NAMES,
                                    ],
                                ],
                            ],
                        ],
                    ],
                ],
                'options' => ['map' => ['map' => ['any' => ['string', self::NAMES, ['map' => 'money']]]]],
                'lines' => ['map' => ['object' => self::line()]],
                'overrides' => [
                    'object' => [
                        'order' => [
                            'list' => [
                                'object' => ['parts' => self::NAMES, 'after' => self::NAMES, 'sameStep' => 'boolean'],
                            ],
                        ],
                        'bags' => ['list' => ['object' => ['part' => 'string', 'bag' => 'string']]],
                        'words' => ['map' => 'string'],
                    ],
                ],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function stock(): array
    {
        return [
            'name' => 'string',
            'kind' => ['enum' => array_column(Kind::cases(), 'value')],
            'colour' => 'string',
            'length' => 'span',
            'unit' => ['enum' => ['mm', 'position']],
            'loss' => 'length',
        ];
    }

    /** @return array<string, mixed> */
    private static function winding(): array
    {
        return [
            'part' => 'string',
            'turns' => 'span',
            'former' => 'size',
            'wire' => 'size',
            'pitch' => 'size',
            'tails' => ['list' => 'size'],
        ];
    }

    /**
     * The node at a path; `*` stands for any name or place of a map or list.
     *
     * @param list<string> $path
     * @return string|array<string, mixed> a node, `string` where nothing is declared
     */
    public static function at(array $path): string|array
    {
        $node = self::root();
        foreach ($path as $key) {
            $rule = is_array($node) ? (string) array_key_first($node) : '';
            $inner = is_array($node) ? $node[$rule] : null;
            $inner = $rule === 'nullable' && is_array($inner) ? $inner['object'] ?? null : $inner;
            $node = $key === '*' || !is_array($inner) ? $inner : $inner[$key] ?? null;
        }

        /** @var string|array<string, mixed>|null $node the table is our own */
        return $node ?? 'string';
    }

    /**
     * @param list<string> $path of an object
     * @return list<string> what it can hold
     */
    public static function fields(array $path): array
    {
        $node = self::at($path);
        $fields = is_array($node) ? $node['object'] ?? [] : [];

        return is_array($fields) ? array_map(strval(...), array_keys($fields)) : [];
    }

    /** @return array<string, mixed> */
    private static function settings(): array
    {
        return [
            'object' => [
                'school' => ['enum' => array_column(School::cases(), 'value')],
                'group' => 'integer',
                'bagging' => ['enum' => array_column(Sorting::cases(), 'value')],
                'alloy' => ['enum' => array_column(Alloy::cases(), 'value')],
                'reading' => ['enum' => [0, 90, 180, 270]],
                'workholding' => ['enum' => array_column(Workholding::cases(), 'value')],
                'solderFrom' => ['enum' => array_column(SolderFrom::cases(), 'value')],
                'skill' => ['enum' => array_column(Skill::cases(), 'value')],
                'units' => ['enum' => array_column(LengthUnit::cases(), 'value')],
                'paper' => ['enum' => array_column(PaperSize::cases(), 'value')],
                'language' => 'string',
                'colour' => 'boolean',
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function board(): array
    {
        return [
            'outline' => ['list' => ['list' => 'place']],
            'thickness' => 'size',
            'plated' => 'boolean',
            'bottomRotation' => ['enum' => ['top-view', 'bottom-view']],
            'zeroOrientation' => ['enum' => ['A', 'B']],
            'squarePad' => ['map' => 'string'],
            'mask' => ['enum' => ['green', 'blue', 'black', 'red', 'white', 'purple', 'yellow']],
            'silk' => ['enum' => ['white', 'black', 'yellow']],
            'reading' => ['enum' => [0, 90, 180, 270]],
            'places' => ['object' => ['move' => ['list' => 'place'], 'turn' => 'number']],
        ];
    }

    /** @return array<string, mixed> */
    private static function groups(): array
    {
        return [
            'object' => [
                'sockets' => ['list' => self::NAMES],
                'mates' => ['list' => self::NAMES],
                'before' => ['list' => self::NAMES],
                'subassembly' => ['list' => self::NAMES],
                'fixings' => ['list' => ['object' => ['by' => 'string', 'holds' => self::NAMES]]],
                'panels' => [
                    'list' => ['object' => ['by' => 'string', 'parts' => self::NAMES, 'plasticLast' => self::NAMES]],
                ],
                'block' => ['map' => self::NAMES],
                'covers' => ['list' => ['object' => ['by' => 'string', 'over' => self::NAMES]]],
                'cures' => [
                    'list' => [
                        'object' => [
                            'name' => 'string',
                            'of' => self::NAMES,
                            'when' => ['enum' => ['before-fitting', 'after-fitting']],
                            'hours' => 'number',
                            'blocks' => self::NAMES,
                        ],
                    ],
                ],
                'snapOff' => ['list' => ['object' => ['board' => 'string', 'before' => self::NAMES]]],
                'selected' => ['list' => ['object' => ['parts' => self::NAMES, 'maxDifference' => 'string']]],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function line(): array
    {
        return [
            'kind' => ['enum' => array_map(static fn(Kind $kind): string => $kind->value, Kind::cases())],
            'package' => 'string',
            'height' => 'size',
            'leadLength' => 'size',
            'mass' => 'number',
            'body' => ['list' => 'size'],
            'origin' => ['list' => 'place'],
            'pins' => ['pins' => ['list' => 'place']],
            'hold' => [
                'enum' => [
                    'table',
                    'bend',
                    'splay',
                    'tack',
                    'tape',
                    'putty',
                    'prop',
                    'holder',
                    'jig',
                    'own-lock',
                    'none-needed',
                ],
            ],
            'sensitivity' => ['enum' => ['none', 'static', 'heat', 'fragile']],
            'polarity' => [
                'nullable' => [
                    'object' => [
                        'mark' => ['enum' => array_column(Mark::cases(), 'value')],
                        'terminal' => 'string',
                        'pin' => ['any' => ['string', 'integer']],
                        'at' => 'number',
                    ],
                ],
            ],
            'reversed' => [
                'object' => [
                    'consequence' => [
                        'enum' => ['works-after-turning', 'itself-damaged', 'destroys-others', 'can-hurt'],
                    ],
                    'replace' => self::NAMES,
                ],
            ],
            'lookAlike' => ['any' => ['string', self::NAMES]],
            'supply' => ['enum' => ['kit', 'optional', 'alternative', 'not-fitted', 'factory', 'builder', 'loose']],
            'usedAt' => 'string',
            'legend' => ['enum' => ['designator', 'value', 'both', 'outline', 'nothing']],
            'prints' => 'string',
            'substitutes' => ['object' => ['allowed' => self::NAMES, 'forbidden' => self::NAMES]],
            'spread' => ['enum' => ['even', 'bell', 'hollow']],
            'note' => 'string',
            'loss' => 'share',
        ];
    }
}
