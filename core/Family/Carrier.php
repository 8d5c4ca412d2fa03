<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** One way between two places of a unit. A place is a part, or `part/surface`. */
final readonly class Carrier
{
    /**
     * @param string $filter of oil: what holds debris back on this way, such as "10 µm paper"; empty: nothing
     * @param string $bypass how debris gets past the filter
     * @param string $keepsOut of a seal: what would come in past it, `air`, `water` or `dirt`; empty: it keeps something in
     */
    public function __construct(
        public CarrierKind $kind,
        public string $from,
        public string $to,
        public string $note = '',
        public string $filter = '',
        public string $bypass = '',
        public string $keepsOut = '',
    ) {
    }
}
