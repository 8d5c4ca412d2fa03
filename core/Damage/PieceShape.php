<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

use Japhrex\Core\Family\PartKind;

/** The shape of what lay in it: a piece says which part it broke from. */
enum PieceShape: string
{
    case Needle = 'needle';
    case Ball = 'ball';
    case ToothCorner = 'tooth-corner';
    case Flake = 'flake';
    case RingCrumb = 'ring-crumb';
    case SpringPiece = 'spring-piece';
    case VanePiece = 'vane-piece';
    case LiningPiece = 'lining-piece';
    case SealPiece = 'seal-piece';
    case Curl = 'curl';
    case Shred = 'shred';

    public function label(): string
    {
        return match ($this) {
            self::Needle => 'needle, whole or half', self::Ball => 'ball, whole or half', self::ToothCorner => 'corner of a tooth',
            self::Flake => 'flake with a smooth side', self::RingCrumb => 'crumb of a ring', self::SpringPiece => 'piece of a spring',
            self::VanePiece => 'piece of a vane, roller or blade', self::LiningPiece => 'piece of lining',
            self::SealPiece => 'piece of a seal or gasket', self::Curl => 'curl of a chip: cut by a tool',
            self::Shred => 'lint, thread, tape or sealant',
        };
    }

    /** @return list<PartKind> what such a piece can break from; none: from no part, somebody brought it in */
    public function breaksFrom(): array
    {
        return match ($this) {
            self::Needle => [PartKind::Bearing, PartKind::Joint, PartKind::Planet, PartKind::Thrust],
            self::Ball => [PartKind::Bearing, PartKind::Check, PartKind::OneWay],
            self::ToothCorner => [PartKind::Gear, PartKind::Planet, PartKind::Coupling, PartKind::Chain],
            self::Flake => [PartKind::Bearing, PartKind::Gear, PartKind::Planet, PartKind::Cam, PartKind::Thrust],
            self::RingCrumb => [PartKind::SealingRing, PartKind::SnapRing],
            self::SpringPiece => [PartKind::Spring, PartKind::ApplySpring],
            self::VanePiece => [PartKind::Vane, PartKind::Roller, PartKind::Impeller],
            self::LiningPiece => [PartKind::Pack, PartKind::Band, PartKind::Brake],
            self::SealPiece => [
                PartKind::LipSeal, PartKind::StaticSeal, PartKind::InnerSeal, PartKind::Gasket, PartKind::Packing, PartKind::FaceSeal,
            ],
            self::Curl, self::Shred => [],
        };
    }
}
