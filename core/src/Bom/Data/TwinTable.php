<?php

declare(strict_types=1);

namespace Chiralex\Bom\Data;

/**
 * Parts with the same pins that behave otherwise: neither may stand in for the other without a look.
 * Type numbers are registered or customary numbers of the trade; common practice, no source.
 */
final readonly class TwinTable
{
    /** @var list<array{string, string, string}> two patterns on lower-case text without spaces, code of the reason */
    public const TWINS = [
        ['~(?:74\w{0,4}14|40106)(?!\d)~', '~(?:74\w{0,4}04|4069u?b?)(?!\d)~', 'twin.schmitt'],
        ['~(?:74\w{0,4}132|4093)(?!\d)~', '~(?:74\w{0,4}00|4011)(?!\d)~', 'twin.schmitt'],
        ['~(?:^|[^\d])(?:ne|sa|lm|na)555~', '~(?:tlc|icm7|lmc|ts|7)555~', 'twin.timer'],
        ['~74ls\d~', '~74hc(?!t)\d~', 'twin.levels'],
        ['~(?:^|[^\d])lm?358~', '~(?:^|[^\d])(?:lm393|lm2903)~', 'twin.comparator'],
        ['~78l\d\d~', '~(?:lp2950|mcp170\d|ht75\d\d)~', 'twin.regulator-pins'],
        ['~bc5[45]\d~', '~2n(?:3904|3906|2222)~', 'twin.transistor-pins'],
        ['~1n4148|1n914~', '~1n400\d~', 'twin.slow-diode'],
        ['~1n58\d\d|bat\d\d~', '~1n400\d|1n4148~', 'twin.drop'],
        ['~x7r|x5r|y5v|z5u~', '~c0g|np0~', 'twin.dielectric'],
    ];
}
