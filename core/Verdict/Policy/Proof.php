<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Policy;

/** Evidence that a policy asks for. */
enum Proof: string
{
    case PhotosUnaltered = 'photos-unaltered';
    case SealsIntact = 'seals-intact';
    case HoursProven = 'hours-proven';
    case OilSample = 'oil-sample';
    case PartReturned = 'part-returned';
    case ServiceRecord = 'service-record';
    case FittedByTrained = 'fitted-by-trained';

    public function label(): string
    {
        return match ($this) {
            self::PhotosUnaltered => 'photos as they were taken, unaltered',
            self::SealsIntact => 'seals intact on arrival',
            self::HoursProven => 'hours or distance proven',
            self::OilSample => 'a sample of the oil',
            self::PartReturned => 'the failed part returned',
            self::ServiceRecord => 'the record of its service',
            self::FittedByTrained => 'fitted by trained people',
        };
    }
}
