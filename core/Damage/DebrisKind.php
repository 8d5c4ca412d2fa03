<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

/** What debris is made of: it says which part it left. Told apart on a cloth, with a magnet and between the fingers. */
enum DebrisKind: string
{
    /** The mode of damage that it is told of. */
    public const MODE = 'debris';

    case Paste = 'paste';
    case Steel = 'steel';
    case Bronze = 'bronze';
    case Aluminium = 'aluminium';
    case Lining = 'lining';
    case Rubber = 'rubber';
    case Carbon = 'carbon';
    case Sand = 'sand';
    case Rust = 'rust';
    case Foreign = 'foreign';

    public function label(): string
    {
        return match ($this) {
            self::Paste => 'Grey paste',
            self::Steel => 'Steel flakes or needles',
            self::Bronze => 'Bronze, brass or white metal',
            self::Aluminium => 'Aluminium',
            self::Lining => 'Friction lining',
            self::Rubber => 'Rubber',
            self::Carbon => 'Carbon',
            self::Sand => 'Sand or grit',
            self::Rust => 'Rust',
            self::Foreign => 'Gasket, sealant, lint, chips of a tool',
        };
    }

    public function howItIsTold(): string
    {
        return match ($this) {
            self::Paste => 'wipes off, nothing felt: ordinary wear',
            self::Steel => 'bright, follows the magnet',
            self::Bronze => 'yellow, red or silver and soft, no magnet holds it',
            self::Aluminium => 'dull grey and light, no magnet holds it',
            self::Lining => 'brown or black fibres, smells burnt',
            self::Rubber => 'black, springs back under the nail',
            self::Carbon => 'black, writes on paper',
            self::Sand => 'hard, clear or brown, grinds between the fingers',
            self::Rust => 'red-brown scale, follows the magnet weakly',
            self::Foreign => 'of no part in it: left in when it was built, or cut by a tool',
        };
    }

    /** The condition that the engine knows it by; the paste of ordinary wear is none. */
    public function condition(): ?string
    {
        return self::Paste === $this ? null : 'debris-'.$this->value;
    }

    /**
     * @param list<string> $values as they were kept or typed
     *
     * @return list<self> each once, in the order of this list; what is no kind of debris is left out
     */
    public static function of(array $values): array
    {
        return array_values(array_filter(self::cases(), static fn (self $kind): bool => \in_array($kind->value, $values, true)));
    }

    /** @param list<self> $kinds */
    public static function words(array $kinds): string
    {
        return implode(', ', array_map(static fn (self $kind): string => lcfirst($kind->label()), $kinds));
    }
}
