<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

use Japhrex\Core\Chain\Link;
use Japhrex\Core\Chain\Step;
use Japhrex\Core\Family\CarrierKind;

/** The line of a link in the path of harm: by what carried it, told apart without a colour. */
final readonly class HarmLine
{
    public const COLOUR = '#0b5f6b';

    /** @param string $dashes as SVG has them; empty: without a gap */
    private function __construct(public string $label, public string $dashes, public float $width)
    {
    }

    /** @param CarrierKind|null $carrier null: the chain names none, as where something lies at no part or is what was noticed */
    public static function of(?CarrierKind $carrier): self
    {
        $dashes = match ($carrier) {
            CarrierKind::Touch => '2 6',
            CarrierKind::Drive => '14 6',
            CarrierKind::Heat => '1 7',
            CarrierKind::Seal => '9 5 2 5',
            CarrierKind::Hold => '6 6',
            CarrierKind::Wire => '18 4 4 4',
            CarrierKind::Oil, null => '',
        };

        return new self($carrier?->label() ?? 'no carrier named', $dashes, null === $carrier ? 1.2 : 3.0);
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<self> those that the path of these steps has, each once
     */
    public static function legend(array $steps): array
    {
        $lines = [];
        foreach ($steps as $step) {
            foreach ($step->because as $link) {
                $lines[self::key($link)] = self::of($link->carrier);
            }
        }

        return array_values($lines);
    }

    private static function key(Link $link): string
    {
        return $link->carrier->value ?? '';
    }
}
