<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** How a part lies in a clearance that it shares between two faces. */
enum Lies: string
{
    /** It floats: each face has its share. */
    case Centred = 'centred';
    /** It is pressed to one side: one face has all of it and leaks four times what both leak together when it floats. */
    case OneSide = 'one-side';
    /** Nobody can know: the two bound the answer. */
    case Unknown = 'unknown';

    /** @param bool $most the way that leaks most, where nobody can know */
    public function at(bool $most): self
    {
        return self::Unknown !== $this ? $this : ($most ? self::OneSide : self::Centred);
    }

    public function words(): string
    {
        return match ($this) {
            self::Centred => 'the part floats between them',
            self::OneSide => 'the part is pressed to one side',
            self::Unknown => 'whether the part floats or is pressed to one side nobody can know: the two bound the answer',
        };
    }
}
